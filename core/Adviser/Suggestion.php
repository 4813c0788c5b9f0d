<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\Metres;

/** Concrete settings, with what they gain and what they cost. */
final readonly class Suggestion
{
    /** Focal lengths of lenses that are not chosen by them, mm. */
    private const FEW_MM = 7.0;

    /**
     * @param  string  $kind  what moves, such as "time", "iso" or "aperture", or how it differs: "deeper", "support" …
     */
    public function __construct(
        public string $kind,
        public string $title,
        public SuggestedExposure $exposure,
        public SuggestedLens $lens,
        public ?Support $support,
        public SuggestedEffect $effect,
        public ?SuggestedFlash $flash = null,
        public ?SuggestedSeries $series = null,
    ) {
    }

    /** @param  list<string>  $fixes  ids of findings that would be gone */
    public function fixing(array $fixes): self
    {
        return $this->with(
            effect: new SuggestedEffect($this->effect->gains, $this->effect->costs, $this->effect->meets, $fixes),
        );
    }

    /** With one more thing that it costs. */
    public function costing(string $cost): self
    {
        return $this->with(effect: new SuggestedEffect(
            $this->effect->gains,
            [...$this->effect->costs, $cost],
            false,
            $this->effect->fixes,
        ));
    }

    /** @param  float  $distance  m */
    public function focusedAt(float $distance): self
    {
        return $this->with(
            lens: new SuggestedLens($this->lens->name, $this->lens->focalLength, $this->lens->widestFNumber, $distance),
        );
    }

    /** @param  float  $stops  exposure compensation */
    public function compensatedBy(float $stops): self
    {
        return $this->with(exposure: new SuggestedExposure(
            $this->exposure->settings,
            $this->exposure->mode,
            $stops,
            $this->exposure->filterStops,
        ));
    }

    /** The same settings, all set by hand. */
    public function byHand(): self
    {
        return $this->with(exposure: new SuggestedExposure(
            $this->exposure->settings,
            ExposureMode::Manual,
            null,
            $this->exposure->filterStops,
        ));
    }

    private function with(
        ?SuggestedExposure $exposure = null,
        ?SuggestedLens $lens = null,
        ?SuggestedEffect $effect = null,
    ): self {
        return new self(
            $this->kind,
            $this->title,
            $exposure ?? $this->exposure,
            $lens ?? $this->lens,
            $this->support,
            $effect ?? $this->effect,
            $this->flash,
            $this->series,
        );
    }

    /** With what it is taken, in one line: lens, mode, compensation and focus. */
    public function setup(): string
    {
        $lens = $this->lens->name;
        if ($lens !== null && $this->lens->focalLength !== null) {
            $focalLength = round($this->lens->focalLength).' mm';
            // A telephone's few millimetres say nothing to anybody.
            $isSaid = $this->lens->focalLength < self::FEW_MM || str_contains($lens, $focalLength);
            $lens .= $isSaid ? '' : ' at '.$focalLength;
        }

        return implode(
            ' · ',
            array_filter([
                $lens,
                $this->exposure->mode->label(),
                $this->exposure->compensation === null || $this->exposure->compensation === 0.0
                    ? null
                    : 'compensation '.Stops::of($this->exposure->compensation)->signed(),
                $this->lens->focusDistance === null ? null : 'focus at '.Metres::text($this->lens->focusDistance),
            ]),
        );
    }

    /** @return array<string, mixed> values are exact ones of the scale, with the engraved ones under "display" */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'title' => $this->title,
            'lens' => $this->lens->name,
            'focalLength' => $this->lens->focalLength,
            'fNumber' => $this->exposure->settings->aperture->exact,
            'exposureTime' => $this->exposure->settings->time->exact,
            'iso' => $this->exposure->settings->iso->exact,
            'display' => [
                'fNumber' => $this->exposure->settings->aperture->nominal(),
                'exposureTime' => $this->exposure->settings->time->nominal(),
                'iso' => $this->exposure->settings->iso->nominal(),
                'text' => (string) $this->exposure->settings,
            ],
            'compensation' => $this->exposure->compensation,
            'mode' => $this->exposure->mode->value,
            'filterStops' => $this->exposure->filterStops,
            'support' => $this->support?->value,
            'focusDistance' => $this->lens->focusDistance,
            'widestFNumber' => $this->lens->widestFNumber,
            'meets' => $this->effect->meets,
            'fixes' => $this->effect->fixes,
            'gains' => $this->effect->gains,
            'costs' => $this->effect->costs,
            'flash' => $this->flash?->toArray(),
            'series' => $this->series?->toArray(),
        ];
    }
}
