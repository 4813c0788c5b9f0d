<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\EntrancePupil;
use TruePupil\Core\Sensor\Format;

/** The calculators by name: plain numbers in, plain numbers out, in the units of each docblock in core. */
final class Calculators
{
    /** @return array<string, mixed> */
    public static function run(string $name, Given $given): array
    {
        return match ($name) {
            'ev' => self::ev($given),
            'dof' => self::depthOfField($given),
            'pupil' => ['diameter' => EntrancePupil::fromNumbers($given->positive('f'), $given->positive('n'))->millimetres],
            'nd' => ['stops' => NeutralDensity::between(
                $given->positive('from'), $given->positive('to'), $given->positiveOr('isoFrom', 100), $given->positiveOr('isoTo', 100),
            )->stops->value],
            'stops' => self::stops($given),
            default => throw new InvalidArgumentException(sprintf('There is no calculator "%s"; there are ev, dof, pupil, nd and stops.', $name)),
        };
    }

    /** @return array<string, float> */
    private static function ev(Given $given): array
    {
        $iso = $given->positiveOr('iso', 100);
        $light = Ev100::fromNumbers($given->positive('n'), $given->positive('t'), $iso);

        return [
            'ev' => Ev100::fromNumbers($given->positive('n'), $given->positive('t'), 100)->value,
            'ev100' => $light->value,
            'luminance' => $light->luminance(),
            'illuminance' => $light->illuminance(),
        ];
    }

    /** @return array<string, ?float> */
    private static function depthOfField(Given $given): array
    {
        $circle = $given->has('c') ? $given->positive('c') : Format::parse($given->text('format'))->circleOfConfusion();
        $depth = DepthOfField::of($given->positive('f'), $given->positive('n'), $given->positive('s'), $circle);

        return ['hyperfocal' => $depth->hyperfocal, 'near' => $depth->near, 'far' => $depth->far, 'total' => $depth->total()];
    }

    /** @return array{stops: float} light gained in going from one to the other, on the scale */
    private static function stops(Given $given): array
    {
        return ['stops' => match (true) {
            $given->has('fromN') => Aperture::of($given->positive('toN'))->stopsMoreLightThan(Aperture::of($given->positive('fromN')))->value,
            $given->has('fromT') => ExposureTime::of($given->positive('toT'))->stopsMoreLightThan(ExposureTime::of($given->positive('fromT')))->value,
            $given->has('fromIso') => Iso::of($given->positive('toIso'))->stopsMoreThan(Iso::of($given->positive('fromIso')))->value,
            default => throw new InvalidArgumentException('Give fromN and toN, fromT and toT, or fromIso and toIso.'),
        }];
    }
}
