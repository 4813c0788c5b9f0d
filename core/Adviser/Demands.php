<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\Pan;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\FocusPlan;

/**
 * Everything that bounds aperture, time and ISO for one lens on one support, in APEX: Av = log2 N², Tv = −log2 t,
 * Sv = log2(S/100). Null means that nothing bounds that side.
 */
final readonly class Demands
{
    /** Seconds. */
    private const LONGEST_FOR_SKY_AND_WATER = 1 / 8;

    private function __construct(
        public ApertureDemands $aperture,
        public TimeDemands $time,
        public IsoDemands $iso,
        /** Where the lens is focused, m. */
        public ?float $focus,
    ) {
    }

    /** @param  float  $handStops  by which hands hold longer than the usual rule has it */
    public static function of(
        Body $body,
        LensChoice $choice,
        Intent $intent,
        Support $support,
        float $handStops = 0.0,
    ): self {
        [$f, $format, $limits] = [$choice->focalLength, $body->format, $body->limits];
        $pitch = $body->pixelPitch();
        $widest = $choice->lens->widestAt($f);
        [$depth, $focus] = self::depth($intent, $f, $format->circleOfConfusion());
        $separation = $intent->asksForSeparation()
            ? BlurDisc::of(
                $f,
                1.0,
                (float) $intent->distances->subject,
                (float) $intent->distances->background,
            )->percentOfWidth($format) / (float) $intent->distances->separation
            : null;
        $closeUp = CloseUp::factor($f, $focus);
        $steadier = $support->stopsSteadier();
        $stabiliser = max($body->stabiliserStops, $choice->lens->stabiliserStops);
        $band = $intent->movement?->band($f, $intent->distances->subject, $format);
        $sharp = array_filter(
            [
                $band?->longest,
                $intent->contents->stars
                    ? ($pitch === null
                        ? StarTrail::roughLimit($f, $format, $intent->contents->declination)
                        : StarTrail::pixelLimit($f, $widest->exact, $pitch, $intent->contents->declination))
                    : null,
            ],
            fn (?float $seconds): bool => $seconds !== null,
        );

        return new self(
            aperture: new ApertureDemands(
                widest: $widest->apex(),
                smallest: Aperture::of($choice->lens->smallest)->apex(),
                depth: $depth,
                separation: $separation === null ? null : 2 * log($separation, 2),
                print: 2 * log(Diffraction::printLimit($format) / $closeUp, 2),
                pixel: $pitch === null ? null : 2 * log(Diffraction::pixelLimit($pitch) / $closeUp, 2),
            ),
            time: new TimeDemands(
                slowest: ExposureTime::of($limits->slowest)->apex(),
                fastest: ExposureTime::of($limits->fastest)->apex(),
                shake: $steadier === null
                    ? null
                    : -log(
                        self::held(
                            HandHeldLimit::of($f, $format, $steadier + $stabiliser + $handStops),
                            $intent,
                            $support,
                        ),
                        2,
                    ),
                movement: $sharp === [] ? null : -log(min($sharp), 2),
                look: $band?->shortest === null ? null : -log($band->shortest, 2),
            ),
            iso: new IsoDemands(
                lowest: Iso::of($limits->isoMin)->stopsAbove100(),
                base: Iso::of($limits->isoBase)->stopsAbove100(),
                ceiling: Iso::of(min($limits->isoMax, $intent->maxIso ?? INF))->stopsAbove100(),
                highest: Iso::of($limits->isoMax)->stopsAbove100(),
                comfortable: $body->comfortableIso === null ? null : Iso::of($body->comfortableIso)->stopsAbove100(),
            ),
            focus: $focus,
        );
    }

    public function avFrom(): float
    {
        return max($this->aperture->widest, $this->aperture->depth ?? -INF);
    }

    public function avTo(): float
    {
        return min($this->aperture->smallest, $this->aperture->separation ?? INF);
    }

    /** The longest time allowed. */
    public function tvFrom(): float
    {
        return max($this->time->slowest, $this->time->shake ?? -INF, $this->time->movement ?? -INF);
    }

    /** The shortest time allowed. */
    public function tvTo(): float
    {
        return min($this->time->fastest, $this->time->look ?? INF);
    }

    /** What stars and flowing water ask for, nobody holds by hand, however well a stabiliser works. */
    private static function held(HandHeldLimit $limit, Intent $intent, Support $support): float
    {
        $mustStand = $intent->contents->stars || $intent->movement?->want === MovementLook::Silk;

        if ($intent->movement?->want === MovementLook::Pan) {
            return $limit->seconds * 2 ** Pan::SHAKE_STOPS;
        }

        return $mustStand && $support !== Support::Monopod
            ? min($limit->seconds, self::LONGEST_FOR_SKY_AND_WATER)
            : $limit->seconds;
    }

    /** @return array{?float, ?float} Av that holds the wanted depth, and where to focus for it in m */
    private static function depth(Intent $intent, float $focalLength, float $circle): array
    {
        if (! $intent->asksForDepth()) {
            return [null, $intent->distances->subject];
        }
        // The range is what must be sharp: focus lies where the widest aperture holds it.
        $plan = FocusPlan::forLimits((float) $intent->sharpFrom(), $intent->sharpTo(), $focalLength, $circle);
        [$n, $focus] = [$plan->fNumber, $plan->distance];

        return [$n <= 0.0 ? null : 2 * log($n, 2), $focus];
    }
}
