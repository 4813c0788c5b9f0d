<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\EntrancePupil;
use TruePupil\Core\Sensor\Format;
use TruePupil\Core\Series\BracketLength;

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
            'fov' => self::angleOfView($given),
            'airy' => ['diameterUm' => Diffraction::at($given->positive('n'))->airyMicrometres],
            'blurdisc' => ['diameter' => BlurDisc::of($given->positive('f'), $given->positive('n'), $given->positive('s'), $given->positive('d'))->millimetres],
            'motion' => self::motion($given),
            'shake' => ['limit' => HandHeldLimit::of($given->positive('f'), Format::parse($given->text('format')), $given->numberOr('stops', 0))->seconds],
            'stars' => self::stars($given),
            'flash' => ['distance' => FlashReach::of($given->positive('gn'), $given->positive('n'), $given->positive('iso'))->metres],
            'bracket' => ['frames' => BracketLength::frames($given->number('sceneStops'), $given->number('usableStops'), $given->positive('step'))],
            'reciprocity' => ['time' => Reciprocity::corrected($given->positive('t'), $given->numberOr('p', Reciprocity::TYPICAL))],
            default => throw new InvalidArgumentException(sprintf(
                'There is no calculator "%s"; there are ev, dof, pupil, fov, airy, blurdisc, motion, shake, stars, nd, flash, bracket, reciprocity and stops.', $name,
            )),
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

    /** @return array<string, float> degrees */
    private static function angleOfView(Given $given): array
    {
        $view = AngleOfView::of($given->positive('f'), Format::parse($given->text('format')));

        return ['horizontal' => $view->horizontal, 'vertical' => $view->vertical, 'diagonal' => $view->diagonal];
    }

    /** @return array<string, ?float> mm and seconds */
    private static function motion(Given $given): array
    {
        $blur = SubjectBlur::of(
            $given->number('v'), $given->numberOr('angle', 0), $given->positive('f'), $given->positive('s'), Format::parse($given->text('format')),
        );

        return ['blur' => $blur->after($given->positive('t')), 'criticalLimit' => $blur->criticalLimit(), 'acceptableLimit' => $blur->acceptableLimit()];
    }

    /** @return array<string, float> seconds and pixels */
    private static function stars(Given $given): array
    {
        return [
            'roughLimit' => StarTrail::roughLimit($given->positive('f'), Format::parse($given->text('format'))),
            'pixelLimit' => StarTrail::pixelLimit($given->positive('f'), $given->positive('n'), $given->positive('pitch')),
            'trailPixels' => StarTrail::pixels($given->positive('f'), $given->positive('pitch'), $given->numberOr('declination', 0), $given->positive('t')),
        ];
    }
}
