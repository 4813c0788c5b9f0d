<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Exposure\ExposureSettings;

/** Concrete settings, with what they gain and what they cost. */
final readonly class Suggestion
{
    /**
     * @param  string  $kind  what moves: "compensation", "time", "iso", "aperture" or "time-and-iso"
     * @param  ?float  $compensation  stops; null where the mode has none
     * @param  list<string>  $gains
     * @param  list<string>  $costs
     */
    public function __construct(
        public string $kind,
        public string $title,
        public ExposureSettings $settings,
        public ExposureMode $mode,
        public ?float $compensation,
        public ?string $lens,
        public ?float $focalLength,
        public ?Support $support,
        public array $gains,
        public array $costs,
        public float $filterStops = 0.0,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'title' => $this->title,
            'lens' => $this->lens,
            'focalLength' => $this->focalLength,
            'fNumber' => $this->settings->aperture->nominal(),
            'exposureTime' => $this->settings->time->nominal(),
            'iso' => $this->settings->iso->nominal(),
            'compensation' => $this->compensation,
            'mode' => $this->mode->value,
            'filterStops' => $this->filterStops,
            'support' => $this->support?->value,
            'gains' => $this->gains,
            'costs' => $this->costs,
        ];
    }
}
