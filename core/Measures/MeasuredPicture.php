<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\GrownShape;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * A picture measured as it is, and what is needed to say in a moment what marks change of it. Everything slow (lines,
 * symmetry, colours, what draws the eye) hangs on the picture alone and is worked out once.
 */
final readonly class MeasuredPicture
{
    /** Samples that a glance takes. */
    private const GLANCE = 12_000;

    /** @param  FrameMeasures  $plain  with nothing marked */
    public function __construct(
        public PixelReading $reading,
        public FrameMeasures $plain,
        public Attention $attention,
    ) {
    }

    public static function of(PixelReading $reading): self
    {
        $overview = $reading->overview();
        $plain = new FrameMeasures(
            ToneMeasures::from($reading->statistics()),
            $overview->metering,
            null,
            $overview->focus,
            $overview->composition,
            $overview->colour,
            $reading->preview?->measured(),
            $reading->ends(),
            $overview->thumb,
        );

        return new self($reading, $plain, $overview->attention);
    }

    /**
     * What a subject comes to while it is still being drawn: its place, its tones and its sharpness, from fewer samples
     * (shares to about a percent), and nothing else anew.
     */
    public function glance(Region $subject, Marks $marks = new Marks()): FrameMeasures
    {
        $plain = $this->plain;
        $shape = self::shape($this->reading, $subject, $marks, GrownShape::ROUGH);

        return new FrameMeasures(
            $plain->tone,
            $plain->metering,
            new SubjectMeasures(
                $subject,
                ToneMeasures::from($this->reading->samples->within(
                    $subject,
                    self::GLANCE,
                    self::isCorrected($marks) ? $shape?->core() : null,
                )),
                0.0,
                null,
                $shape,
            ),
            $plain->focus?->marked($this->reading->detail, $subject, shape: $shape),
            $plain->composition,
            $plain->colour,
            $this->reading->preview?->measured($subject, self::GLANCE),
            $plain->ends,
            $plain->thumb,
        );
    }

    /** @param  Seen  $seen  what was found in it */
    public function with(Marks $marks, Seen $seen = new Seen()): FrameMeasures
    {
        [$reading, $plain, $subject] = [$this->reading, $this->plain, $marks->subject];
        $eye = $marks->first(MarkKind::Eye)?->points[0];
        $face = $eye === null ? null : $reading->faceRound($eye);
        $shape = $subject === null ? null : self::shape($reading, $subject, $marks);

        return new FrameMeasures(
            $plain->tone,
            $subject === null ? $plain->metering : $this->meteredAt($subject),
            $subject === null ? null : $this->subject(
                $subject,
                $shape,
                self::isCorrected($marks),
                $face,
            ),
            $subject === null && $face === null
                ? $plain->focus
                : $plain->focus?->marked($reading->detail, $subject, $face?->detail, $shape),
            $plain->composition?->marked($this->attention, $marks),
            $plain->colour,
            $subject === null ? $plain->preview : $reading->preview?->measured($subject),
            $plain->ends,
            $plain->thumb,
            new Claims(
                MarkMeasures::of(
                    $marks,
                    $reading->colours(),
                    $this->attention,
                    $reading->width / $reading->height,
                )?->withLight(
                    LayerReading::of($marks, $reading->luminance(), $this->attention),
                    AreaWarmth::of($marks, $reading->colours()),
                ),
                PeopleMeasures::of($seen, $reading, $plain->focus),
            ),
        );
    }

    private static function isCorrected(Marks $marks): bool
    {
        return $marks->shape !== null ||
            $marks->ofKind(MarkKind::Belongs) !== [] || $marks->ofKind(MarkKind::Apart) !== [];
    }

    private static function shape(
        PixelReading $reading,
        Region $subject,
        Marks $marks,
        int $cells = GrownShape::CELLS,
    ): ?SubjectShape {
        if ($marks->shape !== null) {
            return $marks->shape;
        }
        $taps = fn (MarkKind $kind): array => array_map(
            fn (Mark $mark): array => $mark->points[0],
            $marks->ofKind($kind),
        );

        return GrownShape::of(
            $reading->colours(),
            $subject,
            $taps(MarkKind::Belongs),
            $taps(MarkKind::Apart),
            $cells,
        );
    }

    /** @return array{scene: float, centre: float, spot: float, highlight: float} stops */
    private function meteredAt(Region $subject): array
    {
        $meter = new PatternMeter($this->reading->luminance(), $subject->centre());

        // The others look at the same place wherever the subject lies.
        return [
            'scene' => $meter->verdict(MeteringPattern::Scene)->value ?? 0.0,
            'centre' => $this->plain->metering['centre'],
            'spot' => $meter->verdict(MeteringPattern::Spot)->value ?? 0.0,
            'highlight' => $this->plain->metering['highlight'],
        ];
    }

    private function subject(
        Region $region,
        ?SubjectShape $shape,
        bool $isCorrected,
        ?FaceReading $face,
    ): SubjectMeasures {
        $core = $shape?->core();
        // Half of a face in the shade may be missing from a shape that nobody looked at: its mean is the rectangle's.
        $ofShape = $core === null ? null : ToneMeasures::from($this->reading->statisticsIn($region, $core));
        $tone = ($isCorrected ? $ofShape : null) ?? ToneMeasures::from($this->reading->statisticsIn($region));

        return new SubjectMeasures(
            $region,
            $tone,
            BurntTones::percentIn($region, $this->reading->colours(), $this->reading->statistics(), $core),
            $face === null ? null : EyeLight::of($face->colours, Stops::of($tone->meanStops)),
            $shape,
            $ofShape,
        );
    }
}
