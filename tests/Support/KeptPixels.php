<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Imaging\EarlyOverview;
use App\Imaging\Meanwhile;
use App\Imaging\PixelEngine;
use TruePupil\Core\Measures\Overview;

/** Each picture is decoded once a run for its reading and once for each size of its copy. */
final readonly class KeptPixels implements PixelEngine
{
    public function __construct(private PixelEngine $pixels, private Kept $kept)
    {
    }

    public function workingCopy(string $source, string $target, int $side): void
    {
        copy($this->copyOf($source, $side), $target);
    }

    public function read(
        string $source,
        string $reading,
        ?string $workingCopy = null,
        ?int $side = null,
        ?Meanwhile $meanwhile = null,
    ): void {
        $meanwhile?->begun();
        $overview = new EarlyOverview();
        copy($this->kept->file(
            $source,
            'reading',
            fn (string $partial) => $this->pixels->read($source, $partial, meanwhile: $overview),
        ), $reading);
        $seen = $this->kept->file(
            $source,
            'overview',
            fn (string $partial) => file_put_contents($partial, serialize($overview->overview)),
        );
        if ($meanwhile instanceof EarlyOverview) {
            $known = unserialize((string) file_get_contents($seen));
            $meanwhile->overview = $known instanceof Overview ? $known : null;
        }
        if ($workingCopy !== null) {
            copy($this->copyOf($source, (int) $side), $workingCopy);
        }
    }

    private function copyOf(string $source, int $side): string
    {
        return $this->kept->file(
            $source,
            $side.'.jpg',
            fn (string $partial) => $this->pixels->workingCopy($source, $partial, $side),
        );
    }
}
