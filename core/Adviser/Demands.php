<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\FocusPlan;

/**
 * Everything that bounds aperture, time and ISO for one lens on one support, in APEX: Av = log2 N², Tv = −log2 t,
 * Sv = log2(S/100). Null means that nothing bounds that side.
 */
final readonly class Demands
{
    private function __construct(
        public float $avWidest,
        public float $avSmallest,
        /** Deep enough from here on. */
        public ?float $avDepth,
        /** The background is soft enough up to here. */
        public ?float $avSeparation,
        public float $tvSlowest,
        public float $tvFastest,
        /** Hands hold still from here on. */
        public ?float $tvShake,
        /** Movement is sharp enough from here on. */
        public ?float $tvMovement,
        /** Movement shows up to here. */
        public ?float $tvLook,
        public float $svLowest,
        public float $svBase,
        /** The ceiling that was asked for, or the body's. */
        public float $svCeiling,
        public float $svHighest,
        public ?float $svComfortable,
        /** Diffraction shows in a print from here on. */
        public float $avPrint,
        /** Diffraction shows in single pixels from here on. */
        public ?float $avPixel,
        /** Where the lens is focused, m. */
        public ?float $focus,
    ) {
    }

    public static function of(Body $body, LensChoice $choice, Intent $intent, Support $support): self
    {
        [$f, $format, $limits] = [$choice->focalLength, $body->format, $body->limits];
        $pitch = $body->pixelPitch();
        $widest = $choice->lens->widestAt($f);
        [$depth, $focus] = self::depth($intent, $f, $format->circleOfConfusion());
        $separation = $intent->asksForSeparation()
            ? BlurDisc::of($f, 1.0, (float) $intent->subject, (float) $intent->background)->percentOfWidth($format) /
                (float) $intent->separation
            : null;
        $steadier = $support->stopsSteadier();
        $stabiliser = max($body->stabiliserStops, $choice->lens->stabiliserStops);
        $band = $intent->movement?->band($f, $intent->subject, $format);
        $sharp = array_filter(
            [
                $band?->longest,
                $intent->stars
                    ? ($pitch === null
                        ? StarTrail::roughLimit($f, $format)
                        : StarTrail::pixelLimit($f, $widest->exact, $pitch))
                    : null,
            ],
            fn (?float $seconds): bool => $seconds !== null,
        );

        return new self(
            avWidest: $widest->apex(),
            avSmallest: Aperture::of($choice->lens->smallest)->apex(),
            avDepth: $depth,
            avSeparation: $separation === null ? null : 2 * log($separation, 2),
            tvSlowest: ExposureTime::of($limits->slowest)->apex(),
            tvFastest: ExposureTime::of($limits->fastest)->apex(),
            tvShake: $steadier === null
                ? null
                : -log(HandHeldLimit::of($f, $format, $steadier + $stabiliser)->seconds, 2),
            tvMovement: $sharp === [] ? null : -log(min($sharp), 2),
            tvLook: $band?->shortest === null ? null : -log($band->shortest, 2),
            svLowest: Iso::of($limits->isoMin)->stopsAbove100(),
            svBase: Iso::of($limits->isoBase)->stopsAbove100(),
            svCeiling: Iso::of(min($limits->isoMax, $intent->maxIso ?? INF))->stopsAbove100(),
            svHighest: Iso::of($limits->isoMax)->stopsAbove100(),
            svComfortable: $body->comfortableIso === null ? null : Iso::of($body->comfortableIso)->stopsAbove100(),
            avPrint: 2 * log(Diffraction::printLimit($format), 2),
            avPixel: $pitch === null ? null : 2 * log(Diffraction::pixelLimit($pitch), 2),
            focus: $focus,
        );
    }

    public function avFrom(): float
    {
        return max($this->avWidest, $this->avDepth ?? -INF);
    }

    public function avTo(): float
    {
        return min($this->avSmallest, $this->avSeparation ?? INF);
    }

    /** The longest time allowed. */
    public function tvFrom(): float
    {
        return max($this->tvSlowest, $this->tvShake ?? -INF, $this->tvMovement ?? -INF);
    }

    /** The shortest time allowed. */
    public function tvTo(): float
    {
        return min($this->tvFastest, $this->tvLook ?? INF);
    }

    /** @return array{?float, ?float} Av that holds the wanted depth, and where to focus for it in m */
    private static function depth(Intent $intent, float $focalLength, float $circle): array
    {
        if (! $intent->asksForDepth()) {
            return [null, $intent->subject];
        }
        [$near, $far] = [(float) $intent->sharpFrom(), $intent->sharpTo()];
        if ($intent->subject !== null) {
            [$n, $focus] = [
                FocusPlan::fNumberAt($intent->subject, $near, $far, $focalLength, $circle),
                $intent->subject,
            ];
        } else {
            $plan = FocusPlan::forLimits($near, $far, $focalLength, $circle);
            [$n, $focus] = [$plan->fNumber, $plan->distance];
        }

        return [$n <= 0.0 ? null : 2 * log($n, 2), $focus];
    }
}
