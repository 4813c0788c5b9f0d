<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measure\Measures;

/** Measures a file that is not in the store: its working copy is made and thrown away. */
final readonly class LooseFile
{
    public function __construct(private PictureGate $gate, private PixelEngine $pixels, private FrameMeasurer $measurer)
    {
    }

    /** @param  ?string  $subject  "x,y,w,h" as fractions */
    public function measure(string $path, ?string $subject): Measures
    {
        $region = $subject === null ? null : Region::parse($subject);
        $this->gate->admit($path);
        $working = storage_path('scratch/'.bin2hex(random_bytes(8)).'.jpg');
        File::ensureDirectoryExists(dirname($working));
        try {
            $this->pixels->workingCopy($path, $working, (int) config('pupil.working_side'));

            return $this->measurer->measure($path, $working, $region);
        } finally {
            File::delete($working);
        }
    }
}
