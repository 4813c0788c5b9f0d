<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\NeutralDensity;
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\Pan;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\EntrancePupil;
use TruePupil\Core\Optics\FocusPlan;
use TruePupil\Core\Optics\FocusStack;
use TruePupil\Core\Optics\RectilinearStretch;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sensor\SensorModel;
use TruePupil\Core\Series\BracketLength;

/** The calculators by name: plain numbers in, plain numbers out, in the units of each docblock in core. */
final class Calculators
{
    public const NAMES = [
        'ev',
        'stops',
        'nd',
        'flash',
        'sensor',
        'dof',
        'focus',
        'stack',
        'pupil',
        'fov',
        'airy',
        'blurdisc',
        'closeup',
        'stretch',
        'motion',
        'shake',
        'pan',
        'stars',
        'bracket',
        'reciprocity',
        'sky',
        'light',
    ];

    /** @return array<string, mixed> */
    public static function run(string $name, CalculatorInput $given): array
    {
        return match ($name) {
            'ev' => self::ev($given),
            'dof' => self::depthOfField($given),
            'pupil' => [
                'diameter' => EntrancePupil::fromNumbers($given->positive('f'), $given->positive('n'))->millimetres,
            ],
            'nd' => [
                'stops' => NeutralDensity::between(
                    $given->positive('from'),
                    $given->positive('to'),
                    $given->positiveOr('isoFrom', 100),
                    $given->positiveOr('isoTo', 100),
                )->stops->value,
            ],
            'stops' => self::stops($given),
            'fov' => self::angleOfView($given),
            'airy' => self::diffraction($given),
            'blurdisc' => self::blurDisc($given),
            'motion' => self::motion($given),
            'shake' => [
                'limit' => HandHeldLimit::of(
                    $given->positive('f'),
                    SensorFormat::parse($given->text('format')),
                    $given->numberOr('stops', 0),
                )->seconds,
            ],
            'stars' => self::stars($given),
            'flash' => [
                'distance' => FlashReach::of($given->positive('gn'), $given->positive('n'), $given->positive('iso'))
                    ->metres,
            ],
            'bracket' => [
                'frames' => BracketLength::frames(
                    $given->number('sceneStops'),
                    $given->number('usableStops'),
                    $given->positive('step'),
                ),
            ],
            'reciprocity' => [
                'time' => Reciprocity::corrected($given->positive('t'), $given->numberOr('p', Reciprocity::TYPICAL)),
            ],
            'sky' => SkyCalculator::run($given),
            'light' => SkyCalculator::light($given),
            'focus' => self::focus($given),
            'stack' => self::stack($given),
            'closeup' => self::closeUp($given),
            'stretch' => self::stretch($given),
            'pan' => self::pan($given),
            'sensor' => self::sensor($given),
            default => throw new InvalidArgumentException(
                sprintf('There is no calculator "%s"; there are %s.', $name, implode(', ', self::NAMES)),
            ),
        };
    }

    /** @return array<string, float> µm, and with a format the f-numbers from which it shows */
    private static function diffraction(CalculatorInput $given): array
    {
        $format = $given->has('format') ? SensorFormat::parse($given->text('format')) : null;

        return [
            'diameterUm' => Diffraction::at($given->positive('n'))->airyMicrometres,
            ...$format === null ? [] : ['printLimit' => Diffraction::printLimit($format)],
            ...$format === null || ! $given->has('pixels')
                ? []
                : ['pixelLimit' => Diffraction::pixelLimit($format->pixelPitch((int) $given->positive('pixels')))],
        ];
    }

    /** @return array<string, float> mm, and with a format the share of its width in % */
    private static function blurDisc(CalculatorInput $given): array
    {
        $disc = BlurDisc::of(
            $given->positive('f'),
            $given->positive('n'),
            $given->positive('s'),
            $given->positive('d'),
        );

        return [
            'diameter' => $disc->millimetres,
            ...$given->has('format')
                ? ['percent' => $disc->percentOfWidth(SensorFormat::parse($given->text('format')))]
                : [],
        ];
    }

    /** @return array{focus: float, fNumber: float} m */
    private static function focus(CalculatorInput $given): array
    {
        $plan = FocusPlan::forLimits(
            $given->positive('near'),
            $given->has('far') ? $given->positive('far') : null,
            $given->positive('f'),
            self::circle($given),
        );

        return ['focus' => $plan->distance, 'fNumber' => $plan->fNumber];
    }

    /** @return array{frames: int, distances: list<float>} m */
    private static function stack(CalculatorInput $given): array
    {
        $stack = FocusStack::covering(
            $given->positive('near'),
            $given->positive('far'),
            $given->positive('f'),
            $given->positive('n'),
            self::circle($given),
            $given->numberOr('overlap', 20) / 100,
        );

        return ['frames' => $stack->frames(), 'distances' => $stack->distances];
    }

    /** @return array<string, float> */
    private static function closeUp(CalculatorInput $given): array
    {
        $close = CloseUp::of($given->positive('f'), $given->positive('n'), $given->positive('s'));

        return [
            'magnification' => $close->magnification,
            'effectiveN' => $close->effectiveFNumber,
            'stopsLost' => $close->lightLost->value,
        ];
    }

    /** @return array<string, float> at a point in % of the frame from the top left; the corner when none is given */
    private static function stretch(CalculatorInput $given): array
    {
        $stretch = RectilinearStretch::at(
            $given->positive('f'),
            SensorFormat::parse($given->text('format')),
            $given->numberOr('x', 100) / 100,
            $given->numberOr('y', 100) / 100,
        );

        return [
            'angle' => $stretch->angle,
            'radial' => $stretch->radial,
            'tangential' => $stretch->tangential,
            'ratio' => $stretch->ratio,
        ];
    }

    /** @return array<string, ?float> seconds */
    private static function pan(CalculatorInput $given): array
    {
        $pan = Pan::of(
            $given->positive('v'),
            $given->positive('f'),
            $given->positive('s'),
            SensorFormat::parse($given->text('format')),
            $given->positiveOr('slip', 100 * Pan::TYPICAL_SLIP) / 100,
        );

        return ['shortest' => $pan->shortest(), 'longest' => $pan->longest()];
    }

    /** @return array<string, float> */
    private static function sensor(CalculatorInput $given): array
    {
        $format = SensorFormat::parse($given->text('format'));
        $across = (int) $given->positive('pixels');
        $model = SensorModel::typical(
            $format,
            (int) round(($across ** 2 * $format->height) / $format->width),
            Iso::of($given->positiveOr('base', 100)),
            $given->has('readNoise') ? $given->positive('readNoise') : null,
        );
        $iso = Iso::of($given->positive('iso'));

        return [
            'pitchUm' => $format->pixelPitch($across),
            'dynamicRange' => $model->dynamicRange($iso)->value,
            'highlightHeadroom' => $model->highlightHeadroom($iso)->value,
            'midGreySignalToNoise' => $model->midGreySignalToNoise($iso),
        ];
    }

    /** The circle of confusion, mm: given, or the format's. */
    private static function circle(CalculatorInput $given): float
    {
        return $given->has('c')
            ? $given->positive('c')
            : SensorFormat::parse($given->text('format'))->circleOfConfusion();
    }

    /** @return array<string, float> */
    private static function ev(CalculatorInput $given): array
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
    private static function depthOfField(CalculatorInput $given): array
    {
        $depth = DepthOfField::of(
            $given->positive('f'),
            $given->positive('n'),
            $given->positive('s'),
            self::circle($given),
        );

        return [
            'hyperfocal' => $depth->hyperfocal,
            'near' => $depth->near,
            'far' => $depth->far,
            'total' => $depth->total(),
        ];
    }

    /**
     * @return array<string, float>
     *   light gained in going from one to the other, on the scale; several pairs are added up
     */
    private static function stops(CalculatorInput $given): array
    {
        $parts = array_filter(
            [
                'aperture' => $given->has('fromN') || $given->has('toN')
                        ? Aperture::of($given->positive('toN'))->stopsMoreLightThan(
                            Aperture::of($given->positive('fromN')),
                        )->value
                        : null,
                'time' => $given->has('fromT') || $given->has('toT')
                        ? ExposureTime::of($given->positive('toT'))->stopsMoreLightThan(
                            ExposureTime::of($given->positive('fromT')),
                        )->value
                        : null,
                'iso' => $given->has('fromIso') || $given->has('toIso')
                        ? Iso::of($given->positive('toIso'))->stopsMoreThan(Iso::of($given->positive('fromIso')))->value
                        : null,
            ],
            fn (?float $stops): bool => $stops !== null,
        );
        if ($parts === []) {
            throw new InvalidArgumentException('Give fromN and toN, fromT and toT, or fromIso and toIso.');
        }

        return ['stops' => array_sum($parts), ...$parts];
    }

    /** @return array<string, float> degrees */
    private static function angleOfView(CalculatorInput $given): array
    {
        $view = AngleOfView::of($given->positive('f'), SensorFormat::parse($given->text('format')));

        return ['horizontal' => $view->horizontal, 'vertical' => $view->vertical, 'diagonal' => $view->diagonal];
    }

    /** @return array<string, ?float> mm and seconds */
    private static function motion(CalculatorInput $given): array
    {
        $blur = SubjectBlur::of(
            $given->number('v'),
            $given->numberOr('angle', 0),
            $given->positive('f'),
            $given->positive('s'),
            SensorFormat::parse($given->text('format')),
        );

        return [
            'blur' => $blur->after($given->positive('t')),
            'criticalLimit' => $blur->criticalLimit(),
            'acceptableLimit' => $blur->acceptableLimit(),
        ];
    }

    /** @return array<string, float> seconds and pixels */
    private static function stars(CalculatorInput $given): array
    {
        return [
            'roughLimit' => StarTrail::roughLimit($given->positive('f'), SensorFormat::parse($given->text('format'))),
            'pixelLimit' => StarTrail::pixelLimit(
                $given->positive('f'),
                $given->positive('n'),
                $given->positive('pitch'),
            ),
            'trailPixels' => StarTrail::pixels(
                $given->positive('f'),
                $given->positive('pitch'),
                $given->numberOr('declination', 0),
                $given->positive('t'),
            ),
        ];
    }
}
