<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\ToneDetail;
use TruePupil\Core\Tone\ToneMeasures;

/** Everything measured in one picture. What was not measured is absent, never invented. */
final readonly class FrameMeasures
{
    /** @param  array{scene: float, centre: float, spot: float, highlight: float}  $metering  verdicts in stops */
    public function __construct(
        public ToneMeasures $tone,
        public array $metering,
        public ?SubjectMeasures $subject = null,
        public ?FocusMeasures $focus = null,
        public ?CompositionMeasures $composition = null,
        public ?ColourMeasures $colour = null,
        /** Where the picture is the one embedded in a camera raw file, which is smaller and rendered by the camera. */
        public ?PreviewOf $preview = null,
        public ?EndAreas $ends = null,
        /** The picture as a thumbnail in greys, to lay frames of a row over each other. */
        public ?GreyGrid $thumb = null,
        public Claims $claims = new Claims(),
    ) {
    }

    /** Where the brightest twentieth of the frame lies, stops from mid-grey. */
    public function brightestTwentieth(): float
    {
        return $this->metering['highlight'] + PatternMeter::HIGHLIGHT_PLACE;
    }

    /** What the sensor itself holds, beside what its preview shows; null where no raw file was unpacked. */
    public function raw(): ?RawMeasures
    {
        return $this->preview?->raw;
    }

    public function toneDetail(): ToneDetail
    {
        return ToneDetail::of($this->tone);
    }

    /** What would be measured with so many stops more light on the same scene. */
    public function brightened(Stops $stops): self
    {
        $subject = $this->subject;

        return new self(
            $this->tone->brightened($stops),
            array_map(fn (float $verdict): float => $verdict + $stops->value, $this->metering),
            $subject?->brightened($stops),
            // Where things lie does not change with the light.
            $this->focus,
            $this->composition,
            $this->colour,
            $this->preview?->brightened($stops),
            $this->ends,
            $this->thumb,
            new Claims($this->claims->marks, $this->claims->people?->brightened($stops)),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tone' => [...$this->tone->toArray(), ...$this->toneDetail()->toArray()],
            'metering' => $this->metering,
            ...$this->thumb === null
                ? []
                : [
                    'thumb' => [
                        'columns' => $this->thumb->columns,
                        'rows' => $this->thumb->rows,
                        'bytes' => base64_encode($this->thumb->toBytes()),
                    ],
                ],
            ...$this->preview !== null ? ['ofPreview' => true] : [],
            ...array_filter(
                [
                    'focus' => $this->focus?->toArray(),
                    'composition' => $this->composition?->toArray(),
                    'colour' => $this->colour?->toArray(),
                    'ends' => $this->ends?->toArray(),
                    'subject' => $this->subject?->toArray(),
                    'marks' => $this->claims->marks?->toArray(),
                    'people' => $this->claims->people?->toArray(),
                    'raw' => $this->raw()?->toArray(),
                ],
                fn (?array $part): bool => $part !== null,
            ),
        ];
    }
}
