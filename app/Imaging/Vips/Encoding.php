<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use TruePupil\Core\Tone\Srgb;

/** Bytes of sRGB as linear light, white being 1, and back. */
final readonly class Encoding
{
    public function __construct(private Vips $vips)
    {
    }

    public function linear(Light $bytes): Light
    {
        $table = pack('g*', ...array_map(fn (int $code): float => Srgb::linear($code / 255), range(0, 255)));

        return $bytes->lookedUp(Light::fromFloats($this->vips, $table, 256, 1, 1));
    }

    /** What is brighter than white, or darker than black, is cut. */
    public function encoded(Light $linear): Light
    {
        static $table = null;
        $table ??= implode(
            '',
            array_map(fn (int $level): string => chr((int) round(255 * Srgb::encoded($level / 65535))),
                range(0, 65535)),
        );

        return $linear
            ->linear(65535.0, 0.5)
            ->toWholeNumbers()
            ->lookedUp(Light::fromBytes($this->vips, $table, 65536, 1, 1));
    }

    /** A picture of ours as linear light, no longer than so many pixels. */
    public function open(string $path, int $side): Light
    {
        $picture = Light::open($this->vips, $path);
        $scale = min(1.0, $side / max($picture->width, $picture->height));

        return $picture
            ->resized(max(1, (int) round($picture->width * $scale)), max(1, (int) round($picture->height * $scale)))
            ->kept();
    }
}
