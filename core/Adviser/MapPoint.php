<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\StopIncrement;

/** Settings marked on the exposure map. Steps may lie between the map's own, as a record's do. */
final readonly class MapPoint
{
    private function __construct(
        public string $what,
        public string $label,
        public float $apertureStep,
        public float $timeStep,
        public float $iso,
    ) {
    }

    /** @param  string  $what  "frame", "plan", "suggestion" or "own" */
    public static function of(string $what, string $label, ExposureSettings $settings, StopIncrement $increment): self
    {
        $per = $increment->perStop();

        return new self(
            $what,
            $label,
            round($settings->aperture->apex() * $per, 3),
            round($settings->time->apex() * $per, 3),
            $settings->iso->nominal(),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'what' => $this->what,
            'label' => $this->label,
            'apertureStep' => $this->apertureStep,
            'timeStep' => $this->timeStep,
            'iso' => $this->iso,
        ];
    }
}
