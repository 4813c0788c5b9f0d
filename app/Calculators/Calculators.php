<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ComposingFrame;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
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
use TruePupil\Core\Series\TwoSpots;

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
        'composing',
        'bracket',
        'two-spots',
        'reciprocity',
        'sky',
        'moon-nights',
        'light',
    ];

    /** @return array<string, mixed> */
    public static function run(string $name, CalculatorInput $input): array
    {
        return match ($name) {
            'ev' => self::ev($input),
            'dof' => self::depthOfField($input),
            'pupil' => [
                'diameter' => EntrancePupil::fromNumbers($input->positive('f'), $input->positive('n'))->millimetres,
            ],
            'nd' => [
                'stops' => NeutralDensity::between(
                    $input->positive('from'),
                    $input->positive('to'),
                    $input->positiveOr('isoFrom', 100),
                    $input->positiveOr('isoTo', 100),
                )->stops->value,
            ],
            'stops' => self::stops($input),
            'fov' => self::angleOfView($input),
            'airy' => self::diffraction($input),
            'blurdisc' => self::blurDisc($input),
            'motion' => self::motion($input),
            'shake' => [
                'limit' => HandHeldLimit::of(
                    $input->positive('f'),
                    SensorFormat::parse($input->text('format')),
                    $input->numberOr('stops', 0),
                )->seconds,
            ],
            'stars' => self::stars($input),
            'composing' => self::composing($input),
            'flash' => [
                'distance' => FlashReach::of($input->positive('gn'), $input->positive('n'), $input->positive('iso'))
                    ->metres,
            ],
            'two-spots' => self::twoSpots($input),
            'bracket' => [
                'frames' => BracketLength::frames(
                    $input->number('sceneStops'),
                    $input->number('usableStops'),
                    $input->positive('step'),
                ),
            ],
            'reciprocity' => [
                'time' => Reciprocity::corrected($input->positive('t'), $input->numberOr('p', Reciprocity::TYPICAL)),
            ],
            'sky' => SkyCalculator::run($input),
            'moon-nights' => SkyCalculator::moonNights($input),
            'light' => SkyCalculator::light($input),
            'focus' => self::focus($input),
            'stack' => self::stack($input),
            'closeup' => self::closeUp($input),
            'stretch' => self::stretch($input),
            'pan' => self::pan($input),
            'sensor' => self::sensor($input),
            default => throw new InvalidArgumentException(
                sprintf('There is no calculator "%s"; there are %s.', $name, implode(', ', self::NAMES)),
            ),
        };
    }

    /** @return array<string, float> µm, and with a format the f-numbers from which it shows */
    private static function diffraction(CalculatorInput $input): array
    {
        $format = $input->has('format') ? SensorFormat::parse($input->text('format')) : null;

        return [
            'diameterUm' => Diffraction::at($input->positive('n'))->airyMicrometres,
            ...$format === null ? [] : ['printLimit' => Diffraction::printLimit($format)],
            ...$format === null || ! $input->has('pixels')
                ? []
                : ['pixelLimit' => Diffraction::pixelLimit($format->pixelPitch((int) $input->positive('pixels')))],
        ];
    }

    /** @return array<string, float> mm, and with a format the share of its width in % */
    private static function blurDisc(CalculatorInput $input): array
    {
        $disc = BlurDisc::of(
            $input->positive('f'),
            $input->positive('n'),
            $input->positive('s'),
            $input->positive('d'),
        );

        return [
            'diameter' => $disc->millimetres,
            ...$input->has('format')
                ? ['percent' => $disc->percentOfWidth(SensorFormat::parse($input->text('format')))]
                : [],
        ];
    }

    /** @return array{focus: float, fNumber: float} m */
    private static function focus(CalculatorInput $input): array
    {
        $plan = FocusPlan::forLimits(
            $input->positive('near'),
            $input->has('far') ? $input->positive('far') : null,
            $input->positive('f'),
            self::circle($input),
        );

        return ['focus' => $plan->distance, 'fNumber' => $plan->fNumber];
    }

    /** @return array{frames: int, distances: list<float>} m */
    private static function stack(CalculatorInput $input): array
    {
        $stack = FocusStack::covering(
            $input->positive('near'),
            $input->positive('far'),
            $input->positive('f'),
            $input->positive('n'),
            self::circle($input),
            $input->numberOr('overlap', 20) / 100,
        );

        return ['frames' => $stack->frames(), 'distances' => $stack->distances];
    }

    /** @return array<string, float> */
    private static function closeUp(CalculatorInput $input): array
    {
        $close = CloseUp::of($input->positive('f'), $input->positive('n'), $input->positive('s'));

        return [
            'magnification' => $close->magnification,
            'effectiveN' => $close->effectiveFNumber,
            'stopsLost' => $close->lightLost->value,
        ];
    }

    /** @return array<string, float> at a point in % of the frame from the top left; the corner when none is given */
    private static function stretch(CalculatorInput $input): array
    {
        $stretch = RectilinearStretch::at(
            $input->positive('f'),
            SensorFormat::parse($input->text('format')),
            $input->numberOr('x', 100) / 100,
            $input->numberOr('y', 100) / 100,
        );

        return [
            'angle' => $stretch->angle,
            'radial' => $stretch->radial,
            'tangential' => $stretch->tangential,
            'ratio' => $stretch->ratio,
        ];
    }

    /** @return array<string, ?float> seconds */
    private static function pan(CalculatorInput $input): array
    {
        $pan = Pan::of(
            $input->positive('v'),
            $input->positive('f'),
            $input->positive('s'),
            SensorFormat::parse($input->text('format')),
            $input->positiveOr('slip', 100 * Pan::TYPICAL_SLIP) / 100,
        );

        return ['shortest' => $pan->shortest(), 'longest' => $pan->longest()];
    }

    /** @return array<string, float> */
    private static function sensor(CalculatorInput $input): array
    {
        $format = SensorFormat::parse($input->text('format'));
        $across = (int) $input->positive('pixels');
        $model = SensorModel::typical(
            $format,
            (int) round(($across ** 2 * $format->height) / $format->width),
            Iso::of($input->positiveOr('base', 100)),
            $input->has('readNoise') ? $input->positive('readNoise') : null,
        );
        $iso = Iso::of($input->positive('iso'));

        return [
            'pitchUm' => $format->pixelPitch($across),
            'dynamicRange' => $model->dynamicRange($iso)->value,
            'highlightHeadroom' => $model->highlightHeadroom($iso)->value,
            'midGreySignalToNoise' => $model->midGreySignalToNoise($iso),
        ];
    }

    /** The circle of confusion, mm: given, or the format's. */
    private static function circle(CalculatorInput $input): float
    {
        return $input->has('c')
            ? $input->positive('c')
            : SensorFormat::parse($input->text('format'))->circleOfConfusion();
    }

    /** @return array<string, float> */
    private static function ev(CalculatorInput $input): array
    {
        $iso = $input->positiveOr('iso', 100);
        $light = Ev100::fromNumbers($input->positive('n'), $input->positive('t'), $iso);

        return [
            'ev' => Ev100::fromNumbers($input->positive('n'), $input->positive('t'), 100)->value,
            'ev100' => $light->value,
            'luminance' => $light->luminance(),
            'illuminance' => $light->illuminance(),
        ];
    }

    /** @return array<string, ?float> */
    private static function depthOfField(CalculatorInput $input): array
    {
        $depth = DepthOfField::of(
            $input->positive('f'),
            $input->positive('n'),
            $input->positive('s'),
            self::circle($input),
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
    private static function stops(CalculatorInput $input): array
    {
        $parts = array_filter(
            [
                'aperture' => $input->has('fromN') || $input->has('toN')
                        ? Aperture::of($input->positive('toN'))->stopsMoreLightThan(
                            Aperture::of($input->positive('fromN')),
                        )->value
                        : null,
                'time' => $input->has('fromT') || $input->has('toT')
                        ? ExposureTime::of($input->positive('toT'))->stopsMoreLightThan(
                            ExposureTime::of($input->positive('fromT')),
                        )->value
                        : null,
                'iso' => $input->has('fromIso') || $input->has('toIso')
                        ? Iso::of($input->positive('toIso'))->stopsMoreThan(Iso::of($input->positive('fromIso')))->value
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
    private static function angleOfView(CalculatorInput $input): array
    {
        $view = AngleOfView::of($input->positive('f'), SensorFormat::parse($input->text('format')));

        return ['horizontal' => $view->horizontal, 'vertical' => $view->vertical, 'diagonal' => $view->diagonal];
    }

    /** @return array<string, ?float> mm and seconds */
    private static function motion(CalculatorInput $input): array
    {
        $blur = SubjectBlur::of(
            $input->number('v'),
            $input->numberOr('angle', 0),
            $input->positive('f'),
            $input->positive('s'),
            SensorFormat::parse($input->text('format')),
        );

        return [
            'blur' => $blur->after($input->positive('t')),
            'criticalLimit' => $blur->criticalLimit(),
            'acceptableLimit' => $blur->acceptableLimit(),
        ];
    }

    /** @return array{time: float, wait: float} seconds: the frame that is kept, and with a dark frame after it */
    private static function composing(CalculatorInput $input): array
    {
        $seconds = ComposingFrame::finalTime(
            new ExposureSettings(
                Aperture::of($input->positive('n')),
                ExposureTime::of($input->positive('t')),
                Iso::of($input->positive('iso')),
            ),
            Aperture::of($input->positiveOr('nFinal', $input->positive('n'))),
            Iso::of($input->positive('isoFinal')),
        );

        return ['time' => $seconds, 'wait' => ComposingFrame::wait($seconds)];
    }

    /** @return array<string, float> seconds and pixels */
    private static function stars(CalculatorInput $input): array
    {
        return [
            'roughLimit' => StarTrail::roughLimit($input->positive('f'), SensorFormat::parse($input->text('format'))),
            'pixelLimit' => StarTrail::pixelLimit(
                $input->positive('f'),
                $input->positive('n'),
                $input->positive('pitch'),
            ),
            'trailPixels' => StarTrail::pixels(
                $input->positive('f'),
                $input->positive('pitch'),
                $input->numberOr('declination', 0),
                $input->positive('t'),
            ),
        ];
    }

    /** @return array{rangeStops: float, frames: int, ev100: list<float>, darkStops: float, brightStops: float} */
    private static function twoSpots(CalculatorInput $input): array
    {
        $spots = new TwoSpots(Ev100::of($input->number('dark')), Ev100::of($input->number('bright')));
        $headroom = $input->numberOr('headroom', 2.5);
        $exposures = $spots->exposures(
            $input->positive('usableStops'),
            $headroom,
            $input->has('step') ? $input->positive('step') : 2.0,
        );

        return [
            'rangeStops' => $spots->range()->value,
            'frames' => count($exposures),
            'ev100' => array_map(fn (Ev100 $exposure): float => $exposure->value, $exposures),
            // In the first frame the bright place decides, in the last one the dark place is highest.
            'brightStops' => $headroom,
            'darkStops' => $spots->dark->value - $exposures[count($exposures) - 1]->value,
        ];
    }
}
