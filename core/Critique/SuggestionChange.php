<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What an instructor makes of a suggestion: values set by hand, and the one that follows the light. */
final readonly class SuggestionChange
{
    /**
     * @param  ExposureSettings  $settings  the value that follows is not read
     * @param  ?string  $lens  by its name in the kit; null for the kit's first
     * @param  ?float  $focalLength  mm; null for the frame's
     * @param  float  $filterStops  what a filter takes
     */
    public function __construct(
        public ExposureSettings $settings,
        public FollowingValue $follows,
        public ?string $lens,
        public ?float $focalLength,
        public ?Support $support,
        public float $filterStops,
        public ExposureMode $mode,
    ) {
    }

    public function withAperture(Aperture $aperture, FollowingValue $follows): self
    {
        return new self(
            $this->settings->withAperture($aperture),
            $follows,
            $this->lens,
            $this->focalLength,
            $this->support,
            $this->filterStops,
            $this->mode,
        );
    }
}
