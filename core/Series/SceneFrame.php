<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Raster\GreyGrid;

/** What one frame of a row tells of where the camera stood, and of what it saw. Unknown is null. */
final readonly class SceneFrame
{
    /**
     * @param  ?float  $sharePct  of the frame that the subject takes
     * @param  ?float  $focalLength35  mm, as on 36 × 24 mm
     * @param  ?int  $takenAt  seconds since 1970, by the camera's clock
     * @param  ?float  $horizon  where the horizon crosses the subject, in heights of it above its foot: the height of
     *   the camera
     * @param  ?GreyGrid  $picture  thumbnail
     * @param  ?float  $subjectStops  mean of the subject from mid-grey
     * @param  ?float  $warm  stops by which red exceeds blue in what should be grey
     * @param  ?string  $facing  where somebody looks, as declared
     * @param  ?string  $light  where the light comes from, as declared
     */
    public function __construct(
        public ?float $sharePct = null,
        public ?float $focalLength35 = null,
        public ?int $takenAt = null,
        public ?float $horizon = null,
        public ?GreyGrid $picture = null,
        public ?float $subjectStops = null,
        public ?string $facing = null,
        public ?string $light = null,
        public ?float $warm = null,
    ) {
    }

    /** Distance to the subject up to a factor that all frames of one subject share; null where it cannot be told. */
    public function distance(): ?float
    {
        return $this->sharePct === null || $this->sharePct <= 0.0 || $this->focalLength35 === null
            ? null
            : $this->focalLength35 / sqrt($this->sharePct);
    }
}
