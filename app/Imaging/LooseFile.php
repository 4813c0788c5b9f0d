<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measure\Measures;

/** Measures a file that is not in the store. */
final readonly class LooseFile
{
    public function __construct(private PictureGate $gate, private FrameMeasurer $measurer)
    {
    }

    /** @param  ?string  $subject  "x,y,w,h" as fractions */
    public function measure(string $path, ?string $subject): Measures
    {
        $region = $subject === null ? null : Region::parse($subject);
        $this->gate->admit($path);

        return $this->measurer->measure($path, $region);
    }
}
