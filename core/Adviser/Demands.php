<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\Pan;
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

    /** Seconds that somebody waits beside an open shutter. */
    private const LONGEST_BULB = 3600.0;

    private function __construct(
        public ApertureDemands $aperture,
        public TimeDemands $time,
        public IsoDemands $iso,
        /** Where the lens is focused, m. */
        public ?float $focus,
        /** How large the subject lies on the sensor: 1 is life size. */
        public float $magnification,
        /** Stops of light that are lost by focusing so near, where the light is not known through the lens: bellows. */
        public float $lightLost,
    ) {
    }

    public static function of(AdviceRequest $request, LensChoice $choice, Support $support): self
    {
        [$body, $intent, $bounds] = [$request->kit->body, $request->intent, $request->bounds];
        [$f, $format] = [$choice->focalLength, $body->format];
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
        $magnification = $intent->contents->about->magnification ?? CloseUp::factor($f, $focus) - 1;
        $closeUp = 1 + $magnification;

        return new self(
            aperture: new ApertureDemands(
                widest: max($widest->apex(), self::av($bounds->aperture[0])),
                smallest: min(Aperture::of($choice->lens->smallest)->apex(), self::av($bounds->aperture[1])),
                depth: $depth,
                separation: $separation === null ? null : 2 * log($separation, 2),
                print: 2 * log(Diffraction::printLimit($format) / $closeUp, 2),
                pixel: $pitch === null ? null : 2 * log(Diffraction::pixelLimit($pitch) / $closeUp, 2),
                preferred: PreferredAperture::of(
                    $intent,
                    $request->weights,
                    $format,
                    $f,
                    $widest->apex(),
                    $magnification,
                    $depth,
                ),
            ),
            time: self::time($request, $choice, $support, $magnification),
            iso: self::iso($body, $intent, $bounds),
            focus: $focus,
            magnification: $magnification,
            // A meter behind the lens sees it. One in the hand, as film asks for, does not.
            lightLost: $request->taken !== null || $request->kit->film === null
                || $magnification < PreferredAperture::CLOSE ? 0.0 : 2 * log($closeUp, 2),
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

    private static function av(float $fNumber): float
    {
        return match (true) {
            $fNumber <= 0.0 => -INF,
            is_infinite($fNumber) => INF,
            default => Aperture::of($fNumber)->apex(),
        };
    }

    private static function time(
        AdviceRequest $request,
        LensChoice $choice,
        Support $support,
        float $magnification,
    ): TimeDemands {
        [$body, $intent, $bounds] = [$request->kit->body, $request->intent, $request->bounds];
        [$f, $format] = [$choice->focalLength, $body->format];
        $steadier = $support->stopsSteadier();
        $stabiliser = max($body->stabiliserStops, $choice->lens->stabiliserStops);
        $rule = $request->approach->handHeld->stops();
        [$shortest, $longest] = MovementTimes::of(
            $intent,
            $choice,
            $body,
            $request->approach->movement,
            $request->light,
        );
        $held = fn (float $stops): float => -log(
            self::held(
                HandHeldLimit::held($f, $format, $stops, (float) $steadier + $rule, $magnification)->seconds,
                $intent,
                $support,
            ),
            2,
        );
        $bulb = ExposureTime::of($body->limits->slowest)->apex();
        $slowest = $steadier === null && $body->kind !== BodyKind::Phone ? -log(self::LONGEST_BULB, 2) : $bulb;

        return new TimeDemands(
            slowest: max($slowest, is_infinite($bounds->time[1]) ? -INF : -log($bounds->time[1], 2)),
            fastest: min(
                ExposureTime::of($body->limits->fastest)->apex(),
                $bounds->time[0] <= 0.0 ? INF : -log($bounds->time[0], 2),
            ),
            shake: $steadier === null ? null : $held($stabiliser),
            movement: $longest === null ? null : -log($longest, 2),
            look: $shortest === null ? null : -log($shortest, 2),
            bulb: $bulb,
            stirs: MovementTimes::stirs($intent),
            unsteadied: $steadier === null ? null : $held(0.0),
            isLongAsGood: $intent->movement?->want === MovementLook::Silk || $intent->kind() === SubjectKind::NightSky,
        );
    }

    private static function iso(Body $body, Intent $intent, SettingBounds $bounds): IsoDemands
    {
        $limits = $body->limits;
        $lowest = max($limits->isoMin, min($limits->isoMax, $bounds->iso[0]));
        $highest = max($lowest, min($limits->isoMax, $bounds->iso[1]));

        return new IsoDemands(
            lowest: Iso::of($lowest)->stopsAbove100(),
            base: Iso::of($limits->isoBase)->stopsAbove100(),
            ceiling: Iso::of(max($lowest, min($highest, $intent->maxIso ?? INF)))->stopsAbove100(),
            highest: Iso::of($highest)->stopsAbove100(),
            comfortable: Iso::of($body->liveableIso())->stopsAbove100(),
        );
    }

    /** What stars and flowing water ask for, nobody holds by hand, however well a stabiliser works. */
    private static function held(float $seconds, Intent $intent, Support $support): float
    {
        if ($intent->movement?->want === MovementLook::Pan) {
            return $seconds * 2 ** Pan::SHAKE_STOPS;
        }
        $mustStand = $intent->contents->stars
            || $intent->kind() === SubjectKind::NightSky
            || in_array($intent->movement?->want, [MovementLook::Silk, MovementLook::Streak], true);

        return $mustStand && $support !== Support::Monopod ? min($seconds, self::LONGEST_FOR_SKY_AND_WATER) : $seconds;
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
