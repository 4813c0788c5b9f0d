<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\Metres;

/** Concrete settings, with what they gain and what they cost. */
final readonly class Suggestion
{
    /**
     * @param  string  $kind  what moves, such as "time", "iso" or "aperture", or how it differs: "deeper", "support" …
     * @param  ?float  $compensation  stops; null where the mode has none
     * @param  list<string>  $gains
     * @param  list<string>  $costs
     * @param  bool  $meets  every demand of the intent is met and the light balanced
     * @param  ?float  $focusDistance  m
     * @param  list<string>  $fixes  ids of the findings that these settings would do away with
     * @param  ?float  $widestFNumber  of that lens at that focal length
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
        public bool $meets = true,
        public ?float $focusDistance = null,
        public array $fixes = [],
        public ?float $widestFNumber = null,
    ) {
    }

    /** @param  list<string>  $fixes  ids of findings that would be gone */
    public function fixing(array $fixes): self
    {
        return $this->with(['fixes' => $fixes]);
    }

    /** @param  float  $distance  m */
    public function focusedAt(float $distance): self
    {
        return $this->with(['focusDistance' => $distance]);
    }

    /** @param  float  $stops  exposure compensation */
    public function compensatedBy(float $stops): self
    {
        return $this->with(['compensation' => $stops]);
    }

    /** With what it is taken, in one line: lens, mode, compensation and focus. */
    public function setup(): string
    {
        $lens = $this->lens;
        if ($lens !== null && $this->focalLength !== null) {
            $focalLength = round($this->focalLength).' mm';
            $lens .= str_contains($lens, $focalLength) ? '' : ' at '.$focalLength;
        }

        return implode(
            ' · ',
            array_filter([
                $lens,
                $this->mode->label(),
                $this->compensation === null || $this->compensation === 0.0
                    ? null
                    : 'compensation '.Stops::of($this->compensation)->signed(),
                $this->focusDistance === null ? null : 'focus at '.Metres::text($this->focusDistance),
            ]),
        );
    }

    /** @return array<string, mixed> values are exact ones of the scale, with the engraved ones under "display" */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'title' => $this->title,
            'lens' => $this->lens,
            'focalLength' => $this->focalLength,
            'fNumber' => $this->settings->aperture->exact,
            'exposureTime' => $this->settings->time->exact,
            'iso' => $this->settings->iso->exact,
            'display' => [
                'fNumber' => $this->settings->aperture->nominal(),
                'exposureTime' => $this->settings->time->nominal(),
                'iso' => $this->settings->iso->nominal(),
                'text' => (string) $this->settings,
            ],
            'compensation' => $this->compensation,
            'mode' => $this->mode->value,
            'filterStops' => $this->filterStops,
            'support' => $this->support?->value,
            'focusDistance' => $this->focusDistance,
            'widestFNumber' => $this->widestFNumber,
            'meets' => $this->meets,
            'fixes' => $this->fixes,
            'gains' => $this->gains,
            'costs' => $this->costs,
        ];
    }

    /** @param  array<string, mixed>  $changes  by property */
    private function with(array $changes): self
    {
        /**
         * @var array{
         *     kind: string,
         *     title: string,
         *     settings: ExposureSettings,
         *     mode: ExposureMode,
         *     compensation: ?float,
         *     lens: ?string,
         *     focalLength: ?float,
         *     support: ?Support,
         *     gains: list<string>,
         *     costs: list<string>,
         * } $parts
         */
        $parts = array_replace(get_object_vars($this), $changes);

        return new self(...$parts);
    }
}
