<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
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
    /** Columns of the thumbnail. */
    private const THUMB = 96;

    /** @param  array{scene: float, centre: float, spot: float, highlight: float}  $metering  verdicts in stops */
    public function __construct(
        public ToneMeasures $tone,
        public array $metering,
        public ?SubjectMeasures $subject = null,
        public ?FocusMeasures $focus = null,
        public ?CompositionMeasures $composition = null,
        public ?ColourMeasures $colour = null,
        /** Measured on the preview embedded in a camera raw file, which is smaller and rendered by the camera. */
        public bool $ofPreview = false,
        public ?EndAreas $ends = null,
        /** The picture as a thumbnail in greys, to lay frames of a row over each other. */
        public ?GreyGrid $thumb = null,
        /** What follows from marks other than the subject; null where there are none. */
        public ?MarkMeasures $marks = null,
    ) {
    }

    /** Where the brightest twentieth of the frame lies, stops from mid-grey. */
    public function brightestTwentieth(): float
    {
        return $this->metering['highlight'] + PatternMeter::HIGHLIGHT_PLACE;
    }

    public static function of(PixelReading $reading, Marks $marks = new Marks()): self
    {
        [$subject, $aspect] = [$marks->subject, $reading->width / $reading->height];
        $focus = FocusMeasures::of($reading->detail, $subject, $reading->face?->detail);
        $attention = Attention::of(
            $reading->colours->reduced(CompositionMeasures::COARSE),
            $focus->around(Attention::columns(), Attention::rows()),
        );
        $meter = new PatternMeter($reading->luminance, $subject?->centre() ?? ['x' => 0.5, 'y' => 0.5]);

        return new self(
            ToneMeasures::from($reading->statistics[0]),
            $meter->verdicts(),
            $subject === null ? null : self::subject($subject, $reading),
            $focus,
            CompositionMeasures::of($reading->colours, $attention, $aspect, $marks),
            ColourMeasures::of($reading->colours),
            $reading->isPreview,
            $reading->ends,
            $reading->colours->reduced(self::THUMB)->grey(),
            MarkMeasures::of($marks, $reading->colours, $attention, $aspect)?->withLight(
                LayerReading::of($marks, $reading->luminance, $attention),
                AreaWarmth::of($marks, $reading->colours),
            ),
        );
    }

    private static function subject(Region $region, PixelReading $reading): SubjectMeasures
    {
        $tone = ToneMeasures::from($reading->statistics[1]);

        return new SubjectMeasures(
            $region,
            $tone,
            BurntTones::percentIn($region, $reading->colours, $reading->statistics[0]),
            $reading->face === null ? null : EyeLight::of($reading->face->colours, Stops::of($tone->meanStops)),
        );
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
            $subject === null
                ? null
                : new SubjectMeasures(
                    $subject->region,
                    $subject->tone->brightened($stops),
                    $subject->burntPct,
                    // Eye and face brighten alike.
                    $subject->eyeLight,
                ),
            // Where things lie does not change with the light.
            $this->focus,
            $this->composition,
            $this->colour,
            $this->ofPreview,
            $this->ends,
            $this->thumb,
            $this->marks,
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
            ...$this->ofPreview ? ['ofPreview' => true] : [],
            ...array_filter(
                [
                    'focus' => $this->focus?->toArray(),
                    'composition' => $this->composition?->toArray(),
                    'colour' => $this->colour?->toArray(),
                    'ends' => $this->ends?->toArray(),
                    'subject' => $this->subject?->toArray(),
                    'marks' => $this->marks?->toArray(),
                ],
                fn (?array $part): bool => $part !== null,
            ),
        ];
    }
}
