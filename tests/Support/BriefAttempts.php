<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Attempts at the ready briefs: some that a good teacher would accept, and some that she would not, each with the check
 * that has to catch it. Frames as PracticeAttempt takes them.
 *
 * @phpstan-import-type PracticeFrame from PracticeAttempt
 *
 * @phpstan-type Attempts array{
 *     accepted: array<string, list<PracticeFrame>>,
 *     refused: array<string, array{string, list<PracticeFrame>}>,
 * }
 */
final class BriefAttempts
{
    private const BOTTLE = [0.385, 0.33, 0.105, 0.36];

    private const JAR = [0.715, 0.52, 0.1, 0.165];

    private const URN = [0.488, 0.53, 0.05, 0.12];

    private const FOUNTAIN = [0.36, 0.22, 0.28, 0.5];

    private const RIDER = [0.52, 0.38, 0.25, 0.33];

    private const TREES = [0.1, 0.42, 0.08, 0.1];

    private const HEAD = [0.43, 0.2, 0.18, 0.36];

    private const BOWL = [0.33, 0.42, 0.22, 0.26];

    /** @return iterable<string, Attempts> by id of the brief */
    public static function all(): iterable
    {
        yield 'first-settings' => self::firstSettings();
        yield 'meter-is-fooled' => self::meterIsFooled();
        yield 'read-the-histogram' => self::readTheHistogram();
        yield 'what-the-raw-still-holds' => self::whatTheRawStillHolds();
        yield 'three-controls' => self::threeControls();
        yield 'one-lens-for-a-day' => self::oneLensForADay();
        yield 'same-light-three-ways' => self::sameLightThreeWays();
        yield 'depth-in-three-steps' => self::depthInThreeSteps();
        yield 'stop-streak-smooth' => self::stopStreakSmooth();
        yield 'mode-for-the-job' => self::modeForTheJob();
        yield 'more-range-than-the-sensor' => self::moreRange();
        yield 'in-and-out-of-the-shade' => self::inAndOutOfTheShade();
        yield 'close-up-with-flash' => self::closeUpWithFlash();
        yield 'fill-the-shadow' => self::fillTheShadow();
        yield 'one-flash-aside' => self::oneFlashAside();
        yield 'lines-and-levels' => self::linesAndLevels();
        yield 'fill-the-frame' => self::fillTheFrame();
        yield 'centre-or-not' => self::centreOrNot();
        yield 'steady-hands' => self::steadyHands();
        yield 'face-and-eyes' => self::faceAndEyes();
        yield 'where-the-sun-will-be' => self::whereTheSunWillBe();
        yield 'night-ladder' => self::nightLadder();
        yield 'film-day' => self::filmDay();
        yield 'silhouette' => self::silhouette();
        yield 'low-key' => self::lowKey();
        yield 'high-key' => self::highKey();
        yield 'work-the-scene' => self::workTheScene();
        yield 'best-of-ten' => self::bestOfTen();
        yield 'two-poses' => self::twoPoses();
        yield 'two-lights' => self::twoLights();
        yield 'two-heights' => self::twoHeights();
        yield 'near-middle-far' => self::nearMiddleFar();
        yield 'front-to-back' => self::frontToBack();
        yield 'wider-than-the-lens' => self::widerThanTheLens();
    }

    /** @return Attempts */
    private static function silhouette(): array
    {
        $trees = fn (array $set): array => [
            [
                'scene' => 'heron',
                'light' => 'glow',
                'mode' => 'shutter',
                't' => '1/200',
                'iso' => '200',
                'moment' => '1.2',
                'compensation' => '-0.6667',
                'subject' => self::TREES,
                'focus' => '60',
                'intent' => ['subject' => 60, 'tone' => 'silhouette'],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'against the sky' => $trees([]),
                'darker still' => $trees(['compensation' => '-1.3333']),
                'by aperture' => $trees(['mode' => 'aperture', 'n' => '4', 'iso' => '200']),
            ],
            'refused' => [
                'not meant' => ['declared', $trees(['intent' => ['subject' => 60]])],
                'still to be seen' => ['dark', $trees(['compensation' => '1.3333'])],
                'all of it dark' => ['ground', $trees(['compensation' => '-3'])],
                'left to the camera' => ['mode', $trees(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function lowKey(): array
    {
        $bust = fn (array $set): array => [
            [
                'scene' => 'bust',
                'n' => '4',
                'iso' => '200',
                'support' => 'tripod',
                'compensation' => '-1.6667',
                'subject' => self::HEAD,
                'px' => '0.467',
                'py' => '0.388',
                'intent' => ['subject' => 1.5, 'tone' => 'low-key'],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'a face from the window' => $bust([]),
                'a little darker' => $bust(['compensation' => '-2']),
                'by hand' => $bust(['mode' => 'manual', 't' => '1/60']),
            ],
            'refused' => [
                'not meant' => ['declared', $bust(['intent' => ['subject' => 1.5]])],
                'as the meter has it' => ['dark', $bust(['compensation' => '0'])],
                'nothing shines' => ['shines', $bust(['compensation' => '-4'])],
                'left to the camera' => ['mode', $bust(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function highKey(): array
    {
        $pots = fn (array $set): array => [
            [
                'scene' => 'pots',
                'n' => '5.6',
                'iso' => '400',
                'compensation' => '1',
                'subject' => self::BOTTLE,
                'px' => '0.435',
                'py' => '0.55',
                'intent' => ['subject' => 1.95, 'tone' => 'high-key'],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'white on white' => $pots([]),
                'by hand' => $pots(['mode' => 'manual', 't' => '1/50']),
                'from a tripod' => $pots(['support' => 'tripod', 'iso' => '100']),
            ],
            'refused' => [
                'not meant' => ['declared', $pots(['intent' => ['subject' => 1.95]])],
                'as the meter has it' => ['bright', $pots(['compensation' => '0'])],
                'burnt' => ['highlights', $pots(['compensation' => '3'])],
                'left to the camera' => ['mode', $pots(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function firstSettings(): array
    {
        $pots = fn (array $set): array => [['scene' => 'pots', 'n' => '4', 'iso' => '400', ...$set]];

        return [
            'accepted' => [
                'aperture priority' => $pots([]),
                'manual' => $pots(['mode' => 'manual', 't' => '1/100', 'iso' => '200']),
                'program, outside' => [['scene' => 'arcade', 'mode' => 'program', 'iso' => '200']],
            ],
            'refused' => [
                'compensation left on' => ['compensation', $pots(['compensation' => '1'])],
                'ISO left high' => ['iso', $pots(['iso' => '3200'])],
                'an export' => ['format', $pots(['format' => 'PNG'])],
                'another colour space' => ['colour-space', $pots(['colourSpace' => 'other'])],
                'a time that hands do not hold' => ['shake', $pots(['n' => '16', 'iso' => '100'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function meterIsFooled(): array
    {
        $white = fn (array $set): array => [
            [
                'scene' => 'pots',
                'n' => '4',
                'iso' => '200',
                'subject' => self::BOTTLE,
                'placement' => 'white',
                'intent' => ['subject' => 1.95],
                ...$set,
            ],
        ];
        $black = fn (array $set): array => $white(['subject' => self::JAR, 'placement' => 'black', ...$set]);

        return [
            'accepted' => [
                'white, compensated' => $white(['compensation' => '1']),
                'white, by spot' => $white(
                    ['metering' => 'spot', 'px' => '0.435', 'py' => '0.55', 'compensation' => '1.3333'],
                ),
                'black, compensated' => $black([
                    'metering' => 'spot', 'px' => '0.765', 'py' => '0.6', 'compensation' => '-1.6667',
                ]),
                'white, by hand' => $white(['mode' => 'manual', 't' => '1/50']),
            ],
            'refused' => [
                'white as the meter has it' => ['placement', $white([])],
                'white, far too much' => ['placement', $white(['compensation' => '2.6667'])],
                'black, made light' => ['placement', $black(['compensation' => '3'])],
                'full automatic' => ['mode', $white(['mode' => 'auto'])],
                'more ISO than the light asked for' => [
                    'iso',
                    $white(['compensation' => '1', 'iso' => '3200']),
                ],
            ],
        ];
    }

    /** @return Attempts */
    private static function whatTheRawStillHolds(): array
    {
        $pots = fn (string $compensation, array $more = []): array => [
            ['scene' => 'pots', 'n' => '5.6', 'iso' => '100', 'compensation' => $compensation, 'quality' => 'raw',
                'subject' => self::BOTTLE, ...$more],
        ];

        return [
            'accepted' => [
                'pots' => $pots('1.6667'),
                'bust' => [['scene' => 'bust', 'n' => '5.6', 'iso' => '100', 'compensation' => '1.3333',
                    'quality' => 'raw', 'support' => 'tripod', 'subject' => self::HEAD]],
                'by the fire' => [['scene' => 'kiln', 'n' => '5.6', 'iso' => '100', 'compensation' => '-1',
                    'quality' => 'raw', 'support' => 'tripod', 'subject' => [0.36, 0.3, 0.2, 0.33]]],
            ],
            'refused' => [
                'as the meter says' => ['filled', $pots('0')],
                'far too bright' => ['whole', $pots('3')],
                'red gone by the fire' => ['whole', [['scene' => 'kiln', 'n' => '5.6', 'iso' => '100',
                    'compensation' => '0', 'quality' => 'raw', 'support' => 'tripod',
                    'subject' => [0.36, 0.3, 0.2, 0.33]]]],
                'a JPEG' => ['raw', $pots('1.6667', ['quality' => 'jpeg'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function readTheHistogram(): array
    {
        $pots = fn (array $set): array => [
            ['scene' => 'pots', 'n' => '5.6', 'iso' => '400', 'subject' => self::BOTTLE, ...$set],
        ];

        return [
            'accepted' => [
                'pots' => $pots(['compensation' => '0.6667']),
                'fountain' => [['scene' => 'fountain', 'n' => '5.6', 'iso' => '200', 'compensation' => '-0.6667',
                    'subject' => self::FOUNTAIN]],
                'bust' => [
                    [
                        'scene' => 'bust',
                        'n' => '4',
                        'iso' => '400',
                        'compensation' => '0.3333',
                        'subject' => self::HEAD,
                        'support' => 'tripod',
                    ],
                ],
            ],
            'refused' => [
                'far too dark' => ['bright-end', $pots(['compensation' => '-3'])],
                'far too bright' => ['subject-highlights', $pots(['compensation' => '3'])],
                'a kiln by its bricks' => [
                    'subject-highlights',
                    [
                        [
                            'scene' => 'kiln',
                            'n' => '5.6',
                            'iso' => '800',
                            'support' => 'tripod',
                            'subject' => [0.36, 0.3, 0.2, 0.33],
                        ],
                    ],
                ],
                'full automatic' => ['mode', $pots(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function threeControls(): array
    {
        $frame = fn (string $row, array $set): array => [
            'scene' => 'wheel',
            'mode' => 'manual',
            'support' => 'tripod',
            'n' => '5.6',
            't' => '1/25',
            'iso' => '400',
            'row' => $row,
            ...$set,
        ];
        $row = fn (string $row, string $field, array $values, array $set = []): array => array_map(
            fn (string $value): array => $frame($row, [...$set, $field => $value]),
            $values,
        );
        $rows = fn (array $iso, array $n, array $t): array => [
            ...$row('iso', 'iso', $iso),
            ...$row('aperture', 'n', $n),
            ...$row('time', 't', $t),
        ];

        return [
            'accepted' => [
                'a stop at a time' => $rows(['200', '400', '800'], ['4', '5.6', '8'], ['1/50', '1/25', '1/13']),
                'from the other end' => $rows(['800', '400', '200'], ['8', '5.6', '4'], ['1/13', '1/25', '1/50']),
                'wider' => $rows(['100', '400', '1600'], ['4', '5.6', '11'], ['1/100', '1/25', '1/6']),
            ],
            'refused' => [
                'ISO and time together' => [
                    'moving-iso',
                    [
                        $frame('iso', ['iso' => '200']),
                        $frame('iso', ['iso' => '400', 't' => '1/50']),
                        $frame('iso', ['iso' => '800', 't' => '1/100']),
                    ],
                ],
                'hardly a step' => ['span-aperture', $row('aperture', 'n', ['5', '5.6', '6.3'])],
                'two frames' => ['frames-time', $row('time', 't', ['1/50', '1/13'])],
                'the time row by aperture' => ['moving-time', $row('time', 'n', ['4', '5.6', '8'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function oneLensForADay(): array
    {
        $day = fn (array $set, array $last = [], int $frames = 6): array => array_map(
            fn (int $index): array => [
                'scene' => ['pots', 'bust', 'chart', 'pots', 'bust', 'pots'][$index],
                'lens' => 'Marlpit 50 mm 1:1.8',
                'n' => '2.8',
                'iso' => '400',
                'seed' => (string) ($index + 3),
                'reason' => 'From here the handle shows.',
                ...$set,
                ...$index === $frames - 1 ? $last : [],
            ],
            range(0, $frames - 1),
        );

        return [
            'accepted' => [
                'wide open' => $day([]),
                'on a tripod' => $day(['support' => 'tripod', 'n' => '8', 'iso' => '100']),
                'with less ISO' => $day(['n' => '4', 'iso' => '200']),
            ],
            'refused' => [
                'zoomed' => ['lens', $day([], ['lens' => 'Marlpit 24-70 mm 1:4', 'focal' => '60', 'n' => '4'])],
                'four frames' => ['frames', $day([], [], 4)],
                'nothing said' => ['reason', $day(['reason' => ''])],
                'shaken' => ['shake', $day(['n' => '16', 'iso' => '100'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function sameLightThreeWays(): array
    {
        $ways = fn (array $values, array $set = []): array => array_map(
            fn (array $one): array => [
                'scene' => 'pots',
                'mode' => 'manual',
                'support' => 'tripod',
                'iso' => '400',
                'n' => $one[0],
                't' => $one[1],
                ...isset($one[2]) ? ['iso' => $one[2]] : [],
                ...$set,
            ],
            $values,
        );

        return [
            'accepted' => [
                'three stops' => $ways([['2.8', '1/400'], ['5.6', '1/100'], ['8', '1/50']]),
                'five' => $ways([['2', '1/800'], ['5.6', '1/100'], ['11', '1/25']]),
                'at base ISO' => $ways([['2.8', '1/100'], ['5.6', '1/25'], ['8', '1/13']], ['iso' => '100']),
            ],
            'refused' => [
                'one is brighter' => ['equal', $ways([['2.8', '1/400'], ['5.6', '1/50'], ['8', '1/50']])],
                'hardly an aperture' => ['aperture', $ways([['4', '1/200'], ['5.6', '1/100'], ['8', '1/50']])],
                'ISO pays' => ['time',
                    $ways([['2.8', '1/100', '100'], ['5.6', '1/100', '400'], ['8', '1/100', '800']])],
                'two frames' => ['frames', $ways([['2.8', '1/400'], ['8', '1/50']])],
            ],
        ];
    }

    /** @return Attempts */
    private static function depthInThreeSteps(): array
    {
        $steps = fn (array $apertures, array $set = [], array $last = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'bust',
                'lens' => 'Marlpit 50 mm 1:1.8',
                'n' => $apertures[$index],
                'iso' => '400',
                'support' => 'tripod',
                'px' => '0.5',
                'py' => '0.4',
                ...$set,
                ...$index === count($apertures) - 1 ? $last : [],
            ],
            array_keys($apertures),
        );

        return [
            'accepted' => [
                'wide, middle, small' => $steps(['1.8', '5.6', '16']),
                'four frames' => $steps(['1.8', '4', '8', '16']),
                'other pots' => $steps(['2', '5.6', '16'], ['scene' => 'pots', 'px' => '0.6', 'py' => '0.6']),
            ],
            'refused' => [
                'two stops' => ['span', $steps(['4', '5.6', '8'])],
                'one is darker' => ['equal', $steps(['1.8', '5.6', '16'], [], ['compensation' => '-1'])],
                'ISO follows' => ['iso', $steps(['1.8', '5.6', '16'], ['mode' => 'manual-auto-iso', 't' => '1/60'])],
                'the camera went along' => [
                    'shift', $steps(['1.8', '5.6', '16'], ['lens' => 'Marlpit 85 mm 1:1.8'], ['x' => '0.62']),
                ],
                'two frames' => ['frames', $steps(['1.8', '16'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function stopStreakSmooth(): array
    {
        $water = fn (string $want, array $set): array => [
            [
                'scene' => 'fountain',
                'mode' => 'shutter',
                'support' => 'tripod',
                'iso' => '400',
                'subject' => self::FOUNTAIN,
                'intent' => ['subject' => 4.6, 'motion' => ['want' => $want, 'speed' => 3]],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'frozen' => $water('freeze', ['t' => '1/1000', 'iso' => '1600']),
                'streaked' => $water('streak', ['t' => '1/15', 'iso' => '100']),
                'silk' => $water('silk', ['t' => '1', 'iso' => '100', 'filter' => '6', 'moment' => '4']),
                'frozen by hand' => $water('freeze', ['t' => '1/1000', 'iso' => '1600', 'support' => 'hand']),
            ],
            'refused' => [
                'a thirtieth is not fast' => ['look', $water('freeze', ['t' => '1/30'])],
                'no silk at a sixtieth' => ['look', $water('silk', ['t' => '1/60'])],
                'left to the camera' => ['mode', $water('freeze', ['mode' => 'program'])],
                'far too much light' => [
                    'highlights', $water('silk', ['mode' => 'manual', 'n' => '8', 't' => '2', 'iso' => '100']),
                ],
            ],
        ];
    }

    /** @return Attempts */
    private static function modeForTheJob(): array
    {
        $rider = fn (array $set): array => [
            [
                'scene' => 'tricycle',
                'mode' => 'shutter',
                't' => '1/1000',
                'iso' => '200',
                'moment' => '1.4',
                'subject' => self::RIDER,
                'intent' => ['subject' => 8, 'motion' => ['want' => 'freeze', 'speed' => 3.2]],
                ...$set,
            ],
        ];
        $pots = fn (array $set): array => [
            ['scene' => 'pots', 'n' => '4', 'iso' => '200', 'subject' => self::BOTTLE, ...$set],
        ];

        return [
            'accepted' => [
                'a time for a rider' => $rider([]),
                'an aperture for pots' => $pots([]),
                'by hand for pots' => $pots(['mode' => 'manual', 't' => '1/100', 'iso' => '200']),
            ],
            'refused' => [
                'full automatic' => ['mode', $pots(['mode' => 'auto'])],
                'program' => ['mode', $rider(['mode' => 'program'])],
                'ISO for nothing' => ['iso', $pots(['n' => '2.8', 'iso' => '6400'])],
                'burnt' => ['highlights', $rider(['mode' => 'manual', 't' => '1/60', 'n' => '8'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function moreRange(): array
    {
        $bracket = fn (array $times, array $set = [], array $last = [], float $wait = 0.5): array => array_map(
            fn (int $index): array => [
                'scene' => 'kiln',
                'mode' => 'manual',
                'n' => '8',
                't' => $times[$index],
                'iso' => '100',
                'support' => 'tripod',
                'after' => $index * $wait,
                ...$set,
                ...$index === count($times) - 1 ? $last : [],
            ],
            array_keys($times),
        );

        return [
            'accepted' => [
                'three, two stops apart' => $bracket(['1/200', '1/50', '1/13']),
                'five, one stop apart' => $bracket(['1/200', '1/100', '1/50', '1/25', '1/13']),
                'three, at another ISO' => $bracket(['1/400', '1/100', '1/25'], ['iso' => '200']),
            ],
            'refused' => [
                'the aperture moves too' => ['only-time', $bracket(['1/200', '1/50', '1/13'], [], ['n' => '5.6'])],
                'uneven' => ['steps', $bracket(['1/200', '1/100', '1/13'])],
                'not dark enough' => ['darkest', $bracket(['1', '4', '15'])],
                'a minute between' => ['gap', $bracket(['1/200', '1/50', '1/13'], [], [], 60.0)],
                'two frames' => ['frames', $bracket(['1/200', '1/13'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function inAndOutOfTheShade(): array
    {
        $rider = fn (array $set): array => [
            [
                'scene' => 'tricycle',
                'mode' => 'manual',
                'n' => '8',
                't' => '1/500',
                'iso' => '200',
                'moment' => '1.4',
                'subject' => self::RIDER,
                'intent' => ['subject' => 8, 'crossesLight' => true],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'for the sun' => $rider([]),
                'the same light otherwise' => $rider(['n' => '5.6', 't' => '1/1000']),
                'a little darker' => $rider(['t' => '1/640']),
            ],
            'refused' => [
                'aperture priority' => ['mode', $rider(['mode' => 'aperture'])],
                'for the shade' => ['highlights', $rider(['t' => '1/40'])],
                'far too dark' => ['tones', $rider(['t' => '1/8000'])],
                'full automatic' => ['mode', $rider(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function closeUpWithFlash(): array
    {
        $bust = fn (array $set): array => [
            [
                'scene' => 'bust',
                'mode' => 'manual',
                'n' => '8',
                't' => '1/125',
                'iso' => '200',
                'flash' => '0.1',
                'subject' => self::HEAD,
                'px' => '0.5',
                'py' => '0.42',
                'intent' => ['subject' => 1.5],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'manual' => $bust([]),
                'more room light' => $bust(['t' => '1/60', 'iso' => '400', 'flash' => '0.04']),
                'aperture priority' => $bust([
                    'mode' => 'aperture', 'support' => 'tripod', 'flash' => '0.03', 'compensation' => '-1',
                ]),
            ],
            'refused' => [
                'no flash' => ['flash', $bust(['flash' => '0', 'n' => '4', 'iso' => '800'])],
                'a whole flash' => ['highlights', $bust(['flash' => '1', 'n' => '2.8', 'iso' => '800'])],
                'full automatic' => ['mode', $bust(['mode' => 'auto'])],
                'focused on the wall' => [
                    'sharp', $bust(['n' => '2', 'iso' => '100', 'flash' => '0.03', 'focus' => '4.5']),
                ],
            ],
        ];
    }

    /** @return Attempts */
    private static function fillTheShadow(): array
    {
        $face = fn (array $set): array => [
            [
                'scene' => 'bust',
                'lens' => 'Marlpit 85 mm 1:1.8',
                'x' => '0.53',
                'y' => '0.42',
                'n' => '4',
                'iso' => '400',
                'compensation' => '-0.3333',
                'flash' => '0.004',
                'px' => '0.393',
                'py' => '0.445',
                // Cheek and temple away from the window.
                'subject' => [0.49, 0.25, 0.09, 0.35],
                'intent' => ['subject' => 1.5],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'a little' => $face([]),
                'stopped down' => $face(['n' => '5.6', 'flash' => '0.008', 'support' => 'tripod']),
                'by hand at 1/80' => $face([
                    'mode' => 'manual', 't' => '1/80', 'iso' => '800', 'flash' => '0.002', 'compensation' => '0',
                ]),
            ],
            'refused' => [
                'no flash' => ['shadow', $face(['flash' => '0'])],
                'none fired' => ['flash', $face(['flash' => '0', 'compensation' => '0.6667'])],
                'flash as the main light' => [
                    'room', $face(['mode' => 'manual', 't' => '1/200', 'n' => '8', 'iso' => '100', 'flash' => '0.1',
                        'compensation' => '0']),
                ],
                'far too much' => ['highlights', $face(['flash' => '0.1'])],
                'full automatic' => ['mode', $face(['mode' => 'auto'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function oneFlashAside(): array
    {
        $face = fn (array $set): array => [
            [
                'scene' => 'bust',
                'lens' => 'Marlpit 85 mm 1:1.8',
                'x' => '0.53',
                'y' => '0.42',
                'mode' => 'manual',
                'n' => '8',
                't' => '1/200',
                'iso' => '100',
                'flash' => '0.125',
                'flashFrom' => 'right',
                'px' => '0.393',
                'py' => '0.445',
                // From brow to chin.
                'subject' => [0.42, 0.30, 0.16, 0.32],
                'intent' => ['subject' => 1.5],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'an eighth' => $face([]),
                'a sixteenth, at dusk' => $face(['flash' => '0.0625', 'light' => 'evening']),
                'wider, with less of it' => $face(['n' => '5.6', 'flash' => '0.05']),
            ],
            'refused' => [
                'on the camera' => ['shape', $face(['flashFrom' => 'camera'])],
                'none at all' => ['flash', $face(['flash' => '0', 'iso' => '1600', 'n' => '2.8', 't' => '1/100'])],
                'far too much' => ['highlights', $face(['flash' => '0.4'])],
                'the room as bright' => [
                    'room', $face(['t' => '1/5', 'iso' => '400', 'flash' => '0.02', 'support' => 'tripod']),
                ],
                'too weak' => ['face', $face(['flash' => '0.015'])],
                'by aperture priority' => ['mode', $face(['mode' => 'aperture', 'iso' => '400', 'flash' => '0.03'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function linesAndLevels(): array
    {
        $arcade = fn (array $set): array => [
            [
                'scene' => 'arcade',
                'n' => '8',
                'iso' => '200',
                'compensation' => '-0.6667',
                'subject' => self::URN,
                'px' => '0.51',
                'py' => '0.6',
                'reason' => 'All lines meet at the urn.',
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'by hand' => $arcade([]),
                'from a tripod' => $arcade(['support' => 'tripod', 'n' => '11', 'iso' => '100']),
                'by hand, in manual' => $arcade(['mode' => 'manual', 't' => '1/320', 'n' => '8', 'iso' => '200']),
            ],
            'refused' => [
                'leaning' => ['level', $arcade(['turned' => 3.0])],
                'focused on the first tile' => [
                    'sharp',
                    $arcade(['lens' => 'Marlpit 50 mm 1:1.8', 'n' => '1.8', 'iso' => '100', 'focus' => '1.5']),
                ],
                'burnt' => ['highlights', $arcade(['compensation' => '3'])],
                'shaken' => ['sharp',
                    $arcade(['n' => '22', 'iso' => '50', 'mode' => 'manual', 't' => '1', 'filter' => '3',
                        'stabiliser' => 'off'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function fillTheFrame(): array
    {
        $bust = fn (array $set): array => [
            [
                'scene' => 'bust',
                'lens' => 'Marlpit 85 mm 1:1.8',
                'x' => '0.53',
                'y' => '0.42',
                'n' => '4',
                'iso' => '800',
                'subject' => [0.35, 0.1, 0.3, 0.7],
                'px' => '0.5',
                'py' => '0.45',
                'intent' => ['subject' => 1.5],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'by hand' => $bust([]),
                'from a tripod' => $bust(['support' => 'tripod', 'n' => '8', 'iso' => '100']),
                'the fountain' => [['scene' => 'fountain', 'n' => '8', 'iso' => '400', 'subject' => [
                    0.18, 0.2, 0.64, 0.75]],
                ],
            ],
            'refused' => [
                'from far away' => ['share',
                    $bust(['lens' => 'Marlpit 50 mm 1:1.8', 'subject' => [0.47, 0.25, 0.1, 0.3]])],
                'focused on the shelves' => ['sharp', $bust(['n' => '1.8', 'iso' => '200', 'focus' => '4.5'])],
                'shaken' => ['sharp',
                    $bust(['mode' => 'manual', 'n' => '16', 't' => '1/2', 'iso' => '100', 'stabiliser' => 'off'])],
                'a bright edge' => ['edges',
                    [['scene' => 'lanterns', 'n' => '8', 'iso' => '1600', 'support' => 'tripod', 'compensation' => '1',
                        'subject' => [0.25, 0.25, 0.5, 0.6]]]],
            ],
        ];
    }

    /** @return Attempts */
    private static function centreOrNot(): array
    {
        $pots = fn (array $set): array => [
            [
                'scene' => 'pots',
                'n' => '5.6',
                'iso' => '400',
                'subject' => self::BOTTLE,
                'px' => '0.435',
                'py' => '0.55',
                'intent' => ['subject' => 1.95, 'idea' => 'thirds'],
                'reason' => 'It looks into the room on the right.',
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'on a third' => $pots(['x' => '0.5']),
                'from a tripod' => $pots(['support' => 'tripod', 'iso' => '100']),
                'centred, since it is symmetrical' => [
                    [
                        'scene' => 'fountain',
                        'n' => '8',
                        'iso' => '400',
                        'subject' => [0.36, 0.2, 0.28, 0.55],
                        'intent' => ['subject' => 4.6, 'idea' => 'centre'],
                        'reason' => 'Everything about it is round.',
                    ],
                ],
            ],
            'refused' => [
                'no reason' => ['reason', $pots(['reason' => ''])],
                'no idea' => ['idea', $pots(['intent' => ['subject' => 1.95]])],
                'a speck' => ['share', $pots(['subject' => [0.26, 0.6, 0.04, 0.05]])],
                'focus in front' => ['sharp', $pots(['n' => '1.8', 'iso' => '100', 'focus' => '0.8'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function steadyHands(): array
    {
        $pots = fn (array $set): array => [
            [
                'scene' => 'pots',
                'mode' => 'shutter',
                't' => '1/13',
                'iso' => '100',
                'subject' => self::BOTTLE,
                'px' => '0.435',
                'py' => '0.55',
                'intent' => ['subject' => 1.95],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'at the limit' => $pots([]),
                'beyond it, with luck' => $pots(['t' => '1/8', 'seed' => '5']),
                'without a stabiliser' => $pots([
                    't' => '1/50', 'stabiliser' => 'off', 'seed' => '4', 'kit' => self::kit(stabiliser: 0),
                ]),
            ],
            'refused' => [
                'from a tripod' => ['by-hand', $pots(['support' => 'tripod'])],
                'with room to spare' => ['limit', $pots(['t' => '1/250', 'iso' => '800'])],
                'shaken' => ['sharp', $pots(['t' => '0.8', 'n' => '16', 'stabiliser' => 'off'])],
                'focus missed' => ['sharp',
                    $pots(['mode' => 'manual', 'n' => '1.8', 't' => '1/15', 'iso' => '50', 'focus' => '0.8'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function faceAndEyes(): array
    {
        $face = fn (array $set): array => [
            [
                'scene' => 'bust',
                'lens' => 'Marlpit 85 mm 1:1.8',
                'x' => '0.53',
                'y' => '0.42',
                'n' => '2.8',
                'iso' => '400',
                'subject' => [0.33, 0.13, 0.3, 0.55],
                'eye' => [0.393, 0.445],
                'px' => '0.393',
                'py' => '0.445',
                'intent' => ['subject' => 1.5, 'person' => true],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'by hand' => $face([]),
                'stopped down' => $face(['n' => '5.6', 'iso' => '1600']),
                'from a tripod' => $face(['support' => 'tripod', 'n' => '5.6', 'iso' => '100']),
            ],
            'refused' => [
                'focused behind' => ['eye', $face(['n' => '1.8', 'iso' => '200', 'focus' => '3'])],
                'burnt skin' => ['highlights', $face(['compensation' => '3'])],
                'too long for hands' => ['shake', $face(['n' => '11', 'iso' => '100'])],
                'a figure in a room' => ['share', $face(['subject' => [0.42, 0.3, 0.1, 0.2]])],
            ],
        ];
    }

    /** @return Attempts */
    private static function whereTheSunWillBe(): array
    {
        $evening = fn (array $set): array => [
            [
                'scene' => 'tricycle',
                'n' => '8',
                'iso' => '200',
                'compensation' => '-0.6667',
                'at' => '2026-05-04 20:05:00+02:00',
                'plan' => ['outing' => ['latitude' => 52.0, 'longitude' => 10.0, 'at' => '2026-05-04T20:00:00+02:00']],
                'reason' => 'The wall should glow from the side.',
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'as planned' => $evening([]),
                'a little early' => $evening(['at' => '2026-05-04 19:50:00+02:00']),
                'a little late' => $evening(['at' => '2026-05-04 20:14:00+02:00']),
            ],
            'refused' => [
                'no plan' => ['plan', $evening(['plan' => null])],
                'an hour late' => ['minutes', $evening(['at' => '2026-05-04 21:05:00+02:00'])],
                'at noon' => [
                    'low',
                    $evening([
                        'at' => '2026-05-04 13:00:00+02:00',
                        'plan' => ['outing' => [
                            'latitude' => 52.0, 'longitude' => 10.0, 'at' => '2026-05-04T13:00:00+02:00'],
                        ],
                    ]),
                ],
                'at night' => [
                    'up',
                    $evening([
                        'at' => '2026-05-04 23:00:00+02:00',
                        'plan' => ['outing' => [
                            'latitude' => 52.0, 'longitude' => 10.0, 'at' => '2026-05-04T23:00:00+02:00'],
                        ],
                    ]),
                ],
                'nothing said' => ['reason', $evening(['reason' => ''])],
            ],
        ];
    }

    /** @return Attempts */
    private static function nightLadder(): array
    {
        $night = fn (array $set): array => [
            [
                'scene' => 'lanterns',
                'mode' => 'manual',
                'n' => '4',
                't' => '1',
                'iso' => '200',
                'support' => 'tripod',
                'intent' => ['stars' => true],
                ...$set,
            ],
        ];

        return [
            'accepted' => [
                'low ISO' => $night([]),
                'the same light, shorter' => $night(['t' => '1/2', 'iso' => '400']),
                'longer' => $night(['n' => '5.6', 't' => '4', 'iso' => '100']),
            ],
            'refused' => [
                'by hand' => ['tripod', $night(['support' => 'hand', 't' => '1/30', 'iso' => '12800'])],
                'stars drawn out' => ['stars', $night(['t' => '30', 'n' => '11', 'iso' => '100'])],
                'lamps burnt' => ['lamps', $night(['t' => '15', 'iso' => '1600'])],
                'ISO for nothing' => ['iso', $night(['t' => '1/30', 'iso' => '12800'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function filmDay(): array
    {
        $film = [...self::kit(), 'film' => ['name' => 'Hollin 400', 'boxSpeed' => 400, 'kind' => 'negative']];
        $roll = fn (array $set, array $last = [], array $sun = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'arcade',
                'mode' => 'manual',
                'n' => '8',
                't' => '1/250',
                'iso' => '400',
                'kit' => $film,
                'reason' => 'Metered on the pavement in the shade.',
                'row' => 'shade',
                ...$set,
                ...$index === 0 ? ['row' => 'sun', 'n' => '16', 't' => '1/400', 'iso' => '400', ...$sun] : [],
                ...$index === 3 ? $last : [],
            ],
            range(0, 3),
        );

        return [
            'accepted' => [
                'at box speed' => $roll([]),
                'a stop more generous' => $roll(['iso' => '200', 't' => '1/125'], [], ['iso' => '200', 't' => '1/200']),
                'on a tripod' => $roll(['support' => 'tripod', 'n' => '16', 't' => '1/60']),
                'two thirds of a stop from the rule' => $roll([], [], ['t' => '1/250']),
            ],
            'refused' => [
                'pushed in one frame' => ['index', $roll([], ['iso' => '1600', 't' => '1/1000'])],
                'shaken' => ['shake',
                    $roll(['n' => '22', 't' => '1/4', 'kit' => [
                        ...self::kit(stabiliser: 0), 'film' => $film['film']]]),
                ],
                'a stop and a third off the rule' => ['sun-rule', $roll([], [], ['t' => '1/160'])],
                'no word of the metering' => ['reason', $roll(['reason' => ''])],
                'three stops under' => ['index', $roll(['iso' => '3200', 't' => '1/2000'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function workTheScene(): array
    {
        $zoom = 'Marlpit 24-70 mm 1:4';
        $vase = [0.33, 0.25, 0.12, 0.45];
        // Nearer, further, from elsewhere, with another lens, a quarter of an hour later.
        $frames = [
            ['scene' => 'pots', 'subject' => $vase],
            ['scene' => 'pots', 'lens' => 'Marlpit 85 mm 1:1.8', 'subject' => [0.2, 0.1, 0.204, 0.765]],
            ['scene' => 'pots', 'lens' => $zoom, 'focal' => '70', 'subject' => [0.26, 0.15, 0.17, 0.63]],
            ['scene' => 'chart', 'subject' => $vase],
            ['scene' => 'bust', 'subject' => [0.3, 0.1, 0.35, 0.8], 'after' => 1200, 'iso' => '1600'],
        ];
        $work = fn (array $set, array $frames): array => array_map(
            fn (array $frame): array => [
                ...['lens' => 'Marlpit 50 mm 1:1.8', 'n' => '5.6', 'iso' => '200', 'favourite' => 'the last one'],
                ...$frame,
                ...$set,
            ],
            $frames,
        );
        $again = fn (int $times): array => array_map(
            fn (int $index): array => ['scene' => 'pots', 'subject' => $vase, 'seed' => (string) (3 + $index)],
            range(1, $times),
        );

        return [
            'accepted' => [
                'five frames' => $work([], $frames),
                'on a tripod' => $work(['support' => 'tripod', 'iso' => '100'], $frames),
                'with one more' => $work([], [...$frames, [
                    'scene' => 'fountain', 'subject' => $vase, 'after' => 1500, 'n' => '8', 'iso' => '400']]),
            ],
            'refused' => [
                'four of them' => ['frames', $work([], array_slice($frames, 1))],
                'from one spot' => ['changes', $work([], $again(5))],
                'pressed again' => ['twins', $work([], [...$frames, ...$again(2)])],
                'no choice' => ['best', $work(['favourite' => ''], $frames)],
                'shaken' => ['shake', $work(['n' => '16', 'iso' => '100'], $frames)],
            ],
        ];
    }

    /** @return Attempts */
    private static function bestOfTen(): array
    {
        $scenes = ['pots', 'bust', 'chart', 'fountain', 'arcade', 'tricycle', 'kiln', 'heron', 'table', 'wheel'];
        $ten = fn (array $set, int $frames = 10): array => array_map(
            fn (int $index): array => [
                'scene' => $scenes[$index % count($scenes)],
                'favourite' => 'the light on the rim',
                'hang' => true,
                ...$index % count($scenes) === 8 ? ['iso' => '3200'] : [],
                ...$set,
            ],
            range(0, $frames - 1),
        );

        return [
            'accepted' => [
                'ten' => $ten([]),
                'eleven, and not for the wall' => $ten(['hang' => false], 11),
                'on a tripod' => $ten(['support' => 'tripod', 'iso' => '100']),
            ],
            'refused' => [
                'nine' => ['frames', $ten([], 9)],
                'no choice' => ['best', $ten(['favourite' => ''])],
                'no answer' => ['hang', $ten(['hang' => null])],
                'ten times one' => ['twins', $ten(['scene' => 'pots'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function twoPoses(): array
    {
        $poses = fn (array $set, array $second = [], int $frames = 2): array => array_map(
            fn (int $index): array => [
                'scene' => 'bust',
                'lens' => 'Marlpit 85 mm 1:1.8',
                'x' => '0.53',
                'y' => '0.42',
                'n' => '4',
                'iso' => '800',
                'subject' => [0.33, 0.13, 0.3, 0.55],
                'eye' => [0.393, 0.445],
                'px' => '0.393',
                'py' => '0.445',
                'intent' => ['subject' => 1.5, 'person' => true, 'facing' => $index === 0 ? 'left' : 'right'],
                'reason' => 'Open: she looks at the work. Closed: she has gone from it.',
                ...$set,
                ...$index === 0 ? [] : $second,
            ],
            range(0, $frames - 1),
        );

        return [
            'accepted' => [
                'left and right' => $poses([]),
                'from a tripod' => $poses(['support' => 'tripod', 'n' => '5.6', 'iso' => '100']),
                'a third of a stop apart' => $poses([], ['compensation' => '0.3333']),
            ],
            'refused' => [
                'one pose' => ['poses', $poses(['intent' => ['subject' => 1.5, 'person' => true, 'facing' => 'left']])],
                'another light' => ['light', $poses([], ['compensation' => '1.3333'])],
                'focused behind' => ['eyes', $poses(['n' => '1.8', 'iso' => '200', 'focus' => '3'])],
                'nothing said' => ['reason', $poses(['reason' => ''])],
            ],
        ];
    }

    /** @return Attempts */
    private static function twoLights(): array
    {
        // The lamp from above, and the window from the side, on who sits at the left.
        $lights = fn (array $set, array $second = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'table',
                'light' => $index === 0 ? 'lamp' : 'window',
                'lens' => 'Marlpit 50 mm 1:1.8',
                'support' => 'tripod',
                'n' => '4',
                'iso' => '100',
                'subject' => [0.1, 0.25, 0.22, 0.6],
                'intent' => ['lightFrom' => $index === 0 ? 'top' : 'side'],
                'favourite' => 'The one from the side shows what it is made of.',
                ...$set,
                ...$index === 0 ? [] : $second,
            ],
            [0, 1],
        );

        return [
            'accepted' => [
                'lamp and window' => $lights([]),
                'stopped down' => $lights(['n' => '8']),
                'a third of a stop apart' => $lights([], ['compensation' => '-0.3333']),
            ],
            'refused' => [
                'one light' => ['lights', $lights(['intent' => ['lightFrom' => 'side'], 'light' => 'window'])],
                'from further off' => ['distance', $lights([], ['subject' => [0.15, 0.4, 0.11, 0.3]])],
                'much brighter' => ['tone', $lights([], ['compensation' => '3'])],
                'no choice' => ['best', $lights(['favourite' => ''])],
            ],
        ];
    }

    /** @return Attempts */
    private static function twoHeights(): array
    {
        $heights = fn (float $second, array $set = [], array $last = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'arcade',
                'n' => '8',
                'iso' => '400',
                'subject' => [0.4, 0.3, 0.2, 0.5],
                // The horizon crosses it at its foot, and at so much of its height.
                'horizon' => [[0.0, 0.8 - 0.5 * ($index === 0 ? 0.1 : $second)],
                    [1.0, 0.8 - 0.5 * ($index === 0 ? 0.1 : $second)]],
                'favourite' => 'From below it stands before the sky.',
                ...$set,
                ...$index === 0 ? [] : $last,
            ],
            [0, 1],
        );

        return [
            'accepted' => [
                'knee and head' => $heights(0.9),
                'from a tripod' => $heights(0.7, ['support' => 'tripod', 'iso' => '100']),
                'a little nearer' => $heights(0.9, [], ['subject' => [0.37, 0.25, 0.24, 0.6]]),
            ],
            'refused' => [
                'standing up straight' => ['heights', $heights(0.3)],
                'from twice as far' => ['distance', $heights(0.9, [], ['subject' => [0.45, 0.4, 0.1, 0.25]])],
                'no choice' => ['best', $heights(0.9, ['favourite' => ''])],
                'one frame' => ['frames', [...array_slice($heights(0.9), 0, 1)]],
            ],
        ];
    }

    /** @return Attempts */
    private static function nearMiddleFar(): array
    {
        $area = fn (string $kind, array $box): array => ['kind' => $kind, 'points' => [
            [$box[0], $box[1]], [$box[2], $box[3]]]];
        $layers = [
            $area('near', [0.0, 0.85, 0.6, 1.0]),
            $area('middle', [0.5, 0.42, 0.76, 0.83]),
            $area('far', [0.02, 0.02, 0.3, 0.3]),
        ];
        $deep = fn (array $set): array => [[
            'scene' => 'tricycle',
            'n' => '11',
            'iso' => '400',
            'intent' => ['idea' => 'depth'],
            'marks' => $layers,
            'reason' => 'The stones in the shade lead in, the rider holds, the wall closes it.',
            ...$set,
        ]];

        return [
            'accepted' => [
                'three layers' => $deep([]),
                'from a tripod' => $deep(['support' => 'tripod', 'iso' => '100']),
                'a little darker' => $deep(['compensation' => '-0.3333']),
            ],
            'refused' => [
                'not declared' => ['idea', $deep(['intent' => []])],
                'two layers' => ['layers', $deep(['marks' => array_slice($layers, 0, 2)])],
                'one tone' => ['part', $deep(['marks' => [
                    $layers[0], $area('middle', [0.0, 0.85, 0.5, 1.0]), $layers[2]]])],
                'nothing said' => ['reason', $deep(['reason' => ''])],
            ],
        ];
    }

    /** @return Attempts */
    private static function frontToBack(): array
    {
        $stack = fn (array $focus, array $set = [], array $last = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'arcade',
                'mode' => 'manual',
                'n' => '5.6',
                't' => '1/125',
                'iso' => '100',
                'support' => 'tripod',
                'focus' => $focus[$index],
                'after' => 3 * $index,
                ...$set,
                ...$index === count($focus) - 1 ? $last : [],
            ],
            array_keys($focus),
        );

        return [
            'accepted' => [
                'three' => $stack(['2', '4', '12']),
                'four' => $stack(['2', '3', '6', '20']),
                'brighter' => $stack(['2', '4', '12'], ['t' => '1/60']),
            ],
            'refused' => [
                'two' => ['frames', $stack(['2', '12'])],
                'the aperture moves' => ['still', $stack(['2', '4', '12'], [], ['n' => '8'])],
                'by hand' => ['support', $stack(
                    ['2', '4', '12'],
                    ['support' => 'hand', 'iso' => '400', 't' => '1/500'],
                )],
                'the light has gone' => ['still', $stack(['2', '4', '12'], [], ['t' => '1/60'])],
            ],
        ];
    }

    /** @return Attempts */
    private static function widerThanTheLens(): array
    {
        $row = fn (array $from, array $set = [], array $last = []): array => array_map(
            fn (int $index): array => [
                'scene' => 'arcade',
                'mode' => 'manual',
                'n' => '8',
                't' => '1/60',
                'iso' => '100',
                'support' => 'tripod',
                'pan' => [$from[$index], 0.5],
                'after' => 4 * $index,
                ...$set,
                ...$index === count($from) - 1 ? $last : [],
            ],
            array_keys($from),
        );

        return [
            'accepted' => [
                'three' => $row([0.0, 0.25, 0.5]),
                'from the right' => $row([0.5, 0.25, 0.0]),
                'four' => $row([0.0, 0.17, 0.33, 0.5]),
            ],
            'refused' => [
                'two' => ['frames', $row([0.0, 0.3])],
                'a gap' => ['overlap', $row([0.0, 0.08, 0.5])],
                'metered anew' => ['still', $row([0.0, 0.25, 0.5], [], ['t' => '1/30'])],
                'in automatic' => ['mode', $row([0.0, 0.25, 0.5], ['mode' => 'aperture'])],
            ],
        ];
    }

    /** @return array<string, mixed> a plain kit in the open format */
    private static function kit(float $stabiliser = 2): array
    {
        return [
            'body' => [
                'name' => 'Marlpit One',
                'format' => '36x24',
                'fastest' => 1 / 8000,
                'slowest' => 30,
                'isoMin' => 50,
                'isoBase' => 100,
                'isoMax' => 51200,
                'stabiliserStops' => $stabiliser,
            ],
            'lenses' => [
                ['name' => 'Marlpit 50 mm 1:1.8', 'minFocal' => 50, 'maxFocal' => 50, 'widestAtMin' => 1.8,
                    'widestAtMax' => 1.8, 'smallest' => 16],
                ['name' => 'Marlpit 24-70 mm 1:4', 'minFocal' => 24, 'maxFocal' => 70, 'widestAtMin' => 4,
                    'widestAtMax' => 4, 'smallest' => 22],
            ],
            'supports' => ['hand', 'tripod'],
        ];
    }
}
