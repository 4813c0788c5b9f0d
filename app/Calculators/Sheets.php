<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Wording\Quantity;
use Closure;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Optics\SensorFormat;

/** Every calculator as a sheet of the Bench. */
final class Sheets
{
    /** @return array<string, list<Sheet>> by topic, in the order of the Bench */
    public static function byTopic(): array
    {
        $topics = [];
        foreach (self::all() as $sheet) {
            $topics[$sheet->topic][] = $sheet;
        }

        return $topics;
    }

    public static function find(string $id): ?Sheet
    {
        foreach (self::all() as $sheet) {
            if ($sheet->id === $id) {
                return $sheet;
            }
        }

        return null;
    }

    /** @return list<Sheet> */
    public static function all(): array
    {
        return [
            ...self::exposure(),
            ...self::depth(),
            ...self::lens(),
            ...self::movement(),
            ...self::series(),
            ...SkySheets::all(),
        ];
    }

    /** @return list<Sheet> */
    private static function exposure(): array
    {
        return [
            new Sheet(
                'ev',
                'Exposure',
                'Exposure value',
                'How much light a setting asks for: exposure value, the luminance that comes out mid-grey, and the '.
                    'light falling on it.',
                [self::n('8'), self::t('1/125'), self::iso()],
                [
                    self::answer('ev', 'Exposure value', fn (float $value): string => sprintf('EV %.2f', $value)),
                    self::answer(
                        'ev100',
                        'Light it asks for',
                        fn (float $value): string => sprintf('EV %.2f at ISO 100', $value),
                    ),
                    self::answer(
                        'luminance',
                        'Luminance that becomes mid-grey',
                        fn (float $value): string => self::number($value).' cd/m²',
                    ),
                    self::answer(
                        'illuminance',
                        'Light falling on the subject',
                        fn (float $value): string => self::number($value).' lx',
                    ),
                ],
            ),
            new Sheet(
                'stops',
                'Exposure',
                'Stops between two settings',
                'Counted on the scale, in whole thirds: from one aperture, time or ISO to another.',
                [
                    new SheetField('fromN', 'Aperture from', '', '3.2'),
                    new SheetField('toN', 'Aperture to', '', '1.8'),
                    new SheetField('fromT', 'Time from', 's'),
                    new SheetField('toT', 'Time to', 's'),
                    new SheetField('fromIso', 'ISO from'),
                    new SheetField('toIso', 'ISO to'),
                ],
                [
                    self::answer('aperture', 'By the aperture', self::stops(...)),
                    self::answer('time', 'By the time', self::stops(...)),
                    self::answer('iso', 'By ISO', self::stops(...)),
                    self::answer('stops', 'Light gained together', self::stops(...)),
                ],
            ),
            new Sheet(
                'nd',
                'Exposure',
                'Filter for a longer time',
                'How many stops of neutral-density filter turn one time into a longer one at the same aperture.',
                [
                    new SheetField('from', 'From', 's', '1/8'),
                    new SheetField('isoFrom', 'at ISO', '', '200'),
                    new SheetField('to', 'To', 's', '4'),
                    new SheetField('isoTo', 'at ISO', '', '100'),
                ],
                [
                    self::answer('stops', 'Filter', self::stops(...)),
                    self::answer('stops', 'Its factor', fn (float $stops): string => '×'.self::number(2 ** $stops)),
                    self::answer(
                        'stops',
                        'Its density',
                        fn (float $stops): string => sprintf('%.1f', $stops * log10(2)),
                    ),
                ],
            ),
            new Sheet(
                'flash',
                'Exposure',
                'Reach of a flash',
                'How far a flash lights at full power, by its guide number.',
                [new SheetField('gn', 'Guide number', 'm at ISO 100', '28'), self::n('5.6'), self::iso('400')],
                [self::answer('distance', 'Reaches', self::metres(...))],
            ),
            new Sheet(
                'sensor',
                'Exposure',
                'What a sensor holds',
                'Dynamic range, highlight headroom and noise of a typical sensor at an ISO. Typical values, not '.
                    'measurements of a body.',
                [
                    self::format(),
                    new SheetField('pixels', 'Pixels across', '', '6000'),
                    self::iso('800'),
                    new SheetField('base', 'Base ISO', '', '100'),
                ],
                [
                    self::answer('dynamicRange', 'Dynamic range', self::stops(...)),
                    self::answer('highlightHeadroom', 'From mid-grey to clipping', self::stops(...)),
                    self::answer(
                        'midGreySignalToNoise',
                        'Signal to noise at mid-grey',
                        fn (float $value): string => self::number($value).' to 1',
                    ),
                    self::answer('pitchUm', 'Pixel pitch', fn (float $value): string => sprintf('%.2f µm', $value)),
                ],
            ),
        ];
    }

    /** @return list<Sheet> */
    private static function depth(): array
    {
        return [
            new Sheet(
                'dof',
                'Depth',
                'Depth of field',
                'What looks sharp in front of and behind the focus.',
                [self::f(), self::n('8'), self::s(), self::format()],
                [
                    self::answer('near', 'Sharp from', self::metres(...)),
                    self::answer('far', 'Sharp to', self::metres(...)),
                    self::answer('total', 'Depth', self::metres(...)),
                    self::answer('hyperfocal', 'Hyperfocal distance', self::metres(...)),
                ],
            ),
            new Sheet(
                'focus',
                'Depth',
                'Focus for two limits',
                'Where to focus, and how far to stop down, so that a near and a far point both look sharp.',
                [
                    new SheetField('near', 'Sharp from', 'm', '2'),
                    new SheetField('far', 'Sharp to', 'm; empty is the horizon', '8'),
                    self::f('24'),
                    self::format(),
                ],
                [
                    self::answer('focus', 'Focus at', self::metres(...)),
                    self::answer('fNumber', 'Aperture, at the widest', self::fNumber(...)),
                ],
            ),
            new Sheet(
                'stack',
                'Depth',
                'Focus stack',
                'How many frames cover a range of distances, and where each is focused.',
                [
                    new SheetField('near', 'From', 'm', '0.3'),
                    new SheetField('far', 'To', 'm', '0.4'),
                    self::f('100'),
                    self::n('8'),
                    self::format(),
                    new SheetField('overlap', 'Overlap', '%', '20'),
                ],
                [
                    self::answer(
                        'frames',
                        'Frames',
                        fn (int $frames): string => $frames === 1 ? '1 frame' : $frames.' frames',
                    ),
                    self::answer(
                        'distances',
                        'Focused at',
                        fn (array $distances): string => implode(
                            ' · ',
                            array_map(
                                fn (float $metres): string => sprintf('%.3f m', $metres),
                                array_slice($distances, 0, 12),
                            ),
                        ).(count($distances) > 12 ? ' …' : ''),
                    ),
                ],
            ),
            new Sheet(
                'blurdisc',
                'Depth',
                'How soft a background goes',
                'The disc that a point of the background becomes on the sensor.',
                [
                    self::f('85'),
                    self::n('1.8'),
                    self::s('2'),
                    new SheetField('d', 'Background at', 'm', '10'),
                    self::format(),
                ],
                [
                    self::answer('diameter', 'Blur disc', self::millimetres(...)),
                    self::answer(
                        'percent',
                        'Of the frame\'s width',
                        fn (float $value): string => sprintf('%.1f %%', $value),
                    ),
                ],
            ),
            new Sheet(
                'airy',
                'Depth',
                'Diffraction',
                'The disc that the aperture itself makes of a point, and where it begins to show.',
                [self::n('16'), self::format(), new SheetField('pixels', 'Pixels across', '', '6000')],
                [
                    self::answer('diameterUm', 'Airy disc', fn (float $value): string => sprintf('%.1f µm', $value)),
                    self::answer('printLimit', 'Shows in a print beyond', self::fNumber(...)),
                    self::answer('pixelLimit', 'Shows in single pixels beyond', self::fNumber(...)),
                ],
            ),
        ];
    }

    /** @return list<Sheet> */
    private static function lens(): array
    {
        return [
            new Sheet(
                'pupil',
                'Lens',
                'Entrance pupil',
                'The hole that the f-number describes: focal length divided by it.',
                [self::f('135'), self::n('2.8')],
                [self::answer('diameter', 'Across', fn (float $value): string => sprintf('%.2f mm', $value))],
            ),
            new Sheet(
                'fov',
                'Lens',
                'Angle of view',
                'What a focal length sees on a format.',
                [self::f(), self::format()],
                [
                    self::answer('horizontal', 'Across', self::degrees(...)),
                    self::answer('vertical', 'Up and down', self::degrees(...)),
                    self::answer('diagonal', 'Corner to corner', self::degrees(...)),
                ],
            ),
            new Sheet(
                'closeup',
                'Lens',
                'Close-up',
                'What magnification takes of the light.',
                [self::f('100'), self::n('8'), self::s('0.3')],
                [
                    self::answer(
                        'magnification',
                        'Magnification',
                        fn (float $value): string => sprintf('%.2f of life size', $value),
                    ),
                    self::answer('effectiveN', 'Works like', self::fNumber(...)),
                    self::answer('stopsLost', 'Light lost', self::stops(...)),
                ],
            ),
            new Sheet(
                'stretch',
                'Lens',
                'Wide-angle stretch',
                'How much longer than wide a ball comes out away from the middle of a straight-line lens.',
                [
                    self::f('16'),
                    self::format(),
                    new SheetField('x', 'Across the frame', '%', '100'),
                    new SheetField('y', 'Down the frame', '%', '100'),
                ],
                [
                    self::answer(
                        'ratio',
                        'Longer than wide',
                        fn (float $value): string => sprintf('%.2f times', $value),
                    ),
                    self::answer('angle', 'Off the axis', self::degrees(...)),
                    self::answer('radial', 'Outwards', fn (float $value): string => sprintf('× %.2f', $value)),
                    self::answer('tangential', 'Across', fn (float $value): string => sprintf('× %.2f', $value)),
                ],
            ),
        ];
    }

    /** @return list<Sheet> */
    private static function movement(): array
    {
        return [
            new Sheet(
                'motion',
                'Movement',
                'Freeze a movement',
                'How far a subject travels on the sensor, and the longest times that keep it frozen or sharp enough.',
                [
                    new SheetField('v', 'Speed', 'm/s', '1.4'),
                    new SheetField('angle', 'Direction', '°; 0 is across', '0'),
                    self::f(),
                    self::s('5'),
                    self::format(),
                    self::t('1/125'),
                ],
                [
                    self::answer('criticalLimit', 'Frozen up to', self::time(...)),
                    self::answer('acceptableLimit', 'Sharp enough up to', self::time(...)),
                    self::answer('blur', 'Blur at this time', self::millimetres(...)),
                ],
            ),
            new Sheet(
                'shake',
                'Movement',
                'Steady hands',
                'The longest time that most hands hold. Hands differ.',
                [self::f(), self::format(), new SheetField('stops', 'Stabiliser', 'stops', '3')],
                [self::answer('limit', 'Held up to', self::time(...))],
            ),
            new Sheet(
                'pan',
                'Movement',
                'Follow a movement',
                'Times that streak the background while the subject stays.',
                [
                    new SheetField('v', 'Speed across', 'm/s', '5'),
                    self::f('85'),
                    self::s('8'),
                    self::format(),
                    new SheetField('slip', 'Speed that you miss', '%', '10'),
                ],
                [
                    self::answer('shortest', 'No shorter than', self::time(...)),
                    self::answer('longest', 'No longer than', self::time(...)),
                ],
            ),
            new Sheet(
                'stars',
                'Movement',
                'Stars as points',
                'How long stars stay points on a camera that stands still.',
                [
                    self::f('20'),
                    self::n('1.8'),
                    new SheetField('pitch', 'Pixel pitch', 'µm', '6'),
                    new SheetField('declination', 'Declination', '°', '0'),
                    self::t('15'),
                    self::format(),
                ],
                [
                    self::answer('pixelLimit', 'By the pixel rule', self::time(...)),
                    self::answer('roughLimit', 'By the rough rule', self::time(...)),
                    self::answer(
                        'trailPixels',
                        'Trail at this time',
                        fn (float $value): string => sprintf('%.1f pixels', $value),
                    ),
                ],
            ),
        ];
    }

    /** @return list<Sheet> */
    private static function series(): array
    {
        return [
            new Sheet(
                'bracket',
                'Series and film',
                'Frames of a bracket',
                'How many frames hold a scene with more range than the sensor.',
                [
                    new SheetField('sceneStops', 'Range of the scene', 'stops', '16'),
                    new SheetField('usableStops', 'One frame holds', 'stops', '11'),
                    new SheetField('step', 'Step', 'stops', '2'),
                ],
                [
                    self::answer(
                        'frames',
                        'Frames',
                        fn (int $frames): string => $frames === 1 ? '1 frame' : $frames.' frames',
                    ),
                ],
            ),
            new Sheet(
                'two-spots',
                'Series and film',
                'Two spot readings',
                'The darkest and the brightest place that are to keep detail, each read by a spot: whether one frame '.
                    'holds both, and which frames do. The first keeps the bright place.',
                [
                    new SheetField('dark', 'Dark place reads', 'EV at ISO 100', '4'),
                    new SheetField('bright', 'Bright place reads', 'EV at ISO 100', '15'),
                    new SheetField('usableStops', 'One frame holds', 'stops', '9'),
                    new SheetField('headroom', 'Of them above mid-grey', 'stops', '2.5'),
                    new SheetField('step', 'Step', 'stops', '2'),
                ],
                [
                    self::answer('rangeStops', 'Range of the scene', fn (float $stops): string => Stops::of($stops)
                        ->inWords()),
                    self::answer(
                        'frames',
                        'It takes',
                        fn (int $frames): string => $frames === 1 ? 'one frame' : $frames.' frames',
                    ),
                    self::answer(
                        'ev100',
                        'Set for',
                        fn (array $exposures): string => implode(
                            ', ',
                            array_map(fn (float $ev): string => sprintf('EV %.1f', $ev), $exposures),
                        ).' at ISO 100',
                    ),
                    self::answer(
                        'ev100.0',
                        'The first, for instance',
                        fn (float $ev): string => sprintf('ƒ/8, %s at ISO 100', ExposureTime::nearest(64 / 2 ** $ev)),
                    ),
                    self::answer(
                        'darkStops',
                        'The dark place then lies',
                        fn (float $stops): string => Stops::of($stops)->signed().' from mid-grey in the last one',
                    ),
                ],
            ),
            new Sheet(
                'reciprocity',
                'Series and film',
                'Long exposures on film',
                'What a metered time becomes on film that answers less to long times.',
                [self::t('10'), new SheetField('p', 'Exponent of the film', '', '1.3')],
                [self::answer('time', 'Expose for', fn (float $seconds): string => self::number($seconds).' s')],
            ),
        ];
    }

    private static function f(string $example = '50'): SheetField
    {
        return new SheetField('f', 'Focal length', 'mm', $example);
    }

    private static function n(string $example): SheetField
    {
        return new SheetField('n', 'Aperture', 'f-number', $example);
    }

    private static function t(string $example): SheetField
    {
        return new SheetField('t', 'Exposure time', 's', $example);
    }

    private static function iso(string $example = '100'): SheetField
    {
        return new SheetField('iso', 'ISO', '', $example);
    }

    private static function s(string $example = '3'): SheetField
    {
        return new SheetField('s', 'Focused at', 'm', $example);
    }

    public static function format(): SheetField
    {
        return new SheetField('format', 'Format', '', '36x24', SensorFormat::NAMED);
    }

    /** @param  Closure(mixed): string  $text */
    private static function answer(string $path, string $label, Closure $text): SheetAnswer
    {
        return new SheetAnswer($path, $label, $text);
    }

    private static function stops(?float $stops): string
    {
        return Quantity::quantity($stops, 'stops');
    }

    private static function metres(?float $metres): string
    {
        return Metres::text($metres);
    }

    private static function millimetres(float $millimetres): string
    {
        return sprintf('%.3f mm', $millimetres);
    }

    private static function degrees(float $degrees): string
    {
        return sprintf('%.1f°', $degrees);
    }

    private static function fNumber(float $value): string
    {
        return sprintf('ƒ/%.1f', $value);
    }

    /** A limit is not rounded to the dial: 1/471 s is what it is. */
    private static function time(?float $seconds): string
    {
        return match (true) {
            $seconds === null => 'any time',
            $seconds < 0.3 => '1/'.round(1 / $seconds).' s',
            default => round($seconds, $seconds < 10 ? 1 : 0).' s',
        };
    }

    private static function number(float $value): string
    {
        return $value >= 100 ? number_format($value) : (string) round($value, $value >= 10 ? 1 : 3);
    }
}
