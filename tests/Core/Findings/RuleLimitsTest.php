<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\PlacingSubject;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Rules;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Kit\UsableRange;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\FocusPlan;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Plan\LightReadings;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlannedExposure;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Tone\EndAreas;

/**
 * Both sides of the limits of findings from settings, movement and depth, and of those tones that have a limit of their
 * own. The numbers are written out here, so that a limit that moves is noticed.
 */
final class RuleLimitsTest extends TestCase
{
    use JudgesLimits;

    /** Placement that the situations want, stops from mid-grey. */
    private const WANTED = 4 / 3;

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, float}> silent, then speaking */
    public static function limitsOfExposure(): iterable
    {
        yield 'the fastest time leaves too much light' => [
            new Rules\AtLimitOfCamera(),
            fn (float $off): Situation => Situations::make(
                t: 1 / 4000,
                subject: self::WANTED + $off,
                kit: Situations::kit(['fastest' => 1 / 4000]),
            ),
            0.32,
            0.35,
        ];
        yield 'compensation that is on' => [
            new Rules\CompensationLeftOn(),
            fn (float $stops): Situation => Situations::make(compensation: $stops, subject: self::WANTED + $stops),
            0.65,
            0.68,
        ];
        yield 'a miss that is the compensation' => [
            new Rules\CompensationLeftOn(),
            fn (float $off): Situation => Situations::make(compensation: -1.0, subject: self::WANTED + $off),
            -1.52,
            -1.48,
        ];
        yield 'compensation that did something' => [
            new Rules\CompensationWellUsed(),
            fn (float $stops): Situation => Situations::make(compensation: $stops, subject: self::WANTED),
            0.31,
            0.33,
        ];
        yield 'compensation that hit' => [
            new Rules\CompensationWellUsed(),
            fn (float $off): Situation => Situations::make(compensation: 1.0, subject: self::WANTED + $off),
            0.35,
            0.32,
        ];
        yield 'settings left over' => [
            new Rules\ExposureLeftOver(),
            fn (float $off): Situation => Situations::make(
                n: 8,
                t: 1 / 125,
                mode: ExposureMode::Manual,
                subject: self::WANTED + $off,
                earlier: Situations::frames([[8, 1 / 125, 100, 0]]),
            ),
            -1.45,
            -1.55,
        ];
        yield 'a meter that was believed' => [
            new Rules\MeterFooled(),
            fn (float $reading): Situation => Situations::make(metering: ['scene' => $reading]),
            0.55,
            0.45,
        ];
        yield 'a miss that is worth explaining' => [
            new Rules\MeterFooled(),
            fn (float $miss): Situation => Situations::make(subject: self::WANTED - $miss),
            0.45,
            0.55,
        ];
        $spot = fn (float $away, float $off): Situation => Situations::make(
            pattern: MeteringPattern::Spot,
            subject: self::WANTED + $off,
            region: Region::of(0.4 + $away, 0.3, 0.2, 0.4),
        );
        yield 'a spot beside the subject' => [
            new Rules\SpotOffSubject(),
            fn (float $away): Situation => $spot($away, 1.0),
            0.17,
            0.19,
        ];
        yield 'a spot that misled' => [
            new Rules\SpotOffSubject(),
            fn (float $off): Situation => $spot(0.3, $off),
            0.45,
            0.55,
        ];
    }

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, float}> silent, then speaking */
    public static function limitsOfTones(): iterable
    {
        yield 'black in the subject' => [
            new Rules\BlockedShadows(),
            fn (float $percent): Situation => Situations::make(blockedPct: $percent),
            4.9,
            5.1,
        ];
        yield 'a light subject' => [
            new Rules\HighlightsKept(),
            fn (float $stops): Situation => Situations::make(subject: $stops),
            0.95,
            1.05,
        ];
        yield 'a whole subject' => [
            new Rules\HighlightsKept(),
            fn (float $percent): Situation => Situations::make(subject: 1.5, lostPct: $percent),
            1.05,
            0.95,
        ];
        yield 'white elsewhere' => [
            new Rules\LostHighlightsElsewhere(),
            fn (float $percent): Situation => Situations::make(frameLostPct: $percent),
            4.9,
            5.1,
        ];
        yield 'white elsewhere, while the subject is whole' => [
            new Rules\LostHighlightsElsewhere(),
            fn (float $percent): Situation => Situations::make(lostPct: $percent, frameLostPct: 10.0),
            1.05,
            0.95,
        ];
        yield 'glints' => [
            new Rules\OnlyGlints(),
            fn (float $percent): Situation => Situations::make(
                frameLostPct: $percent,
                ends: EndAreas::ofBytes(2, 2, "\0\0\0\0", "\0\0\0\0"),
            ),
            1.05,
            0.95,
        ];
        yield 'a range that a JPEG holds' => [
            new Rules\JpegOnly(),
            fn (float $stops): Situation => Situations::make(
                subject: self::WANTED,
                file: 'JPEG',
                intent: new Intent(sceneStops: $stops),
            ),
            8.9,
            9.1,
        ];
        yield 'an error that a JPEG forgives' => [
            new Rules\JpegOnly(),
            fn (float $off): Situation => Situations::make(subject: self::WANTED + $off, file: 'JPEG'),
            -1.45,
            -1.55,
        ];
    }

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, float}> silent, then speaking */
    public static function limitsOfTimeAndIso(): iterable
    {
        yield 'hands, at 50 mm' => [
            new Rules\HandHeldTooLong(),
            fn (float $stops): Situation => Situations::make(t: 0.02 * 2 ** $stops),
            0.32,
            0.35,
        ];
        yield 'ISO on a tripod' => [
            new Rules\HighIsoOnTripod(),
            fn (float $stops): Situation => self::slack($stops, Support::Tripod),
            2 / 3,
            1.0,
        ];
        yield 'ISO on a tripod, with a movement that limits the time' => [
            new Rules\HighIsoOnTripod(),
            function (float $stops): Situation {
                $intent = new Intent(
                    distances: new IntendedDistances(subject: 5),
                    movement: new Movement(MovementLook::Freeze, 1.4),
                );
                $longest = (float) Situations::make(intent: $intent)->movementBand()?->longest;

                return Situations::make(
                    t: $longest / 2 ** $stops,
                    iso: 1600,
                    support: Support::Tripod,
                    kit: Situations::kit(),
                    intent: $intent,
                );
            },
            0.64,
            0.7,
        ];
        yield 'ISO by hand' => [
            new Rules\IsoSlack(),
            fn (float $stops): Situation => self::slack($stops, Support::Hand),
            5 / 3,
            2.01,
        ];
        yield 'noise where no comfortable ISO was entered' => [
            new Rules\FasterLensInKit(),
            fn (float $stops): Situation => Situations::make(
                n: 4,
                iso: 3200 * 2 ** $stops,
                widest: 4,
                kit: Situations::kit(['comfortableIso' => null]),
                record: ['name' => 'Marlpit 24–70 mm'],
            ),
            0.1,
            0.35,
        ];
        yield 'a stabiliser on a tripod' => [
            new Rules\StabiliserMismatch(),
            fn (float $denominator): Situation => Situations::make(
                t: 1 / $denominator,
                support: Support::Tripod,
                record: ['stabiliser' => true],
            ),
            31.0,
            29.0,
        ];
        yield 'a stabiliser that is off by hand' => [
            new Rules\StabiliserMismatch(),
            fn (float $seconds): Situation => Situations::make(t: $seconds, record: ['stabiliser' => false]),
            0.0195,
            0.0205,
        ];
        yield 'a movement that blurs' => [new Rules\SubjectBlurred(), self::moving(...), 0.32, 0.35];
        yield 'a movement towards a focus that stands still' => [
            new Rules\SingleFocusOnMovement(),
            fn (float $speed): Situation => Situations::make(
                intent: new Intent(movement: new Movement(MovementLook::Freeze, $speed, 90.0)),
                record: ['focusMode' => FocusMode::Single],
            ),
            0.29,
            0.31,
        ];
        $film = fn (float $metered, float $exposed): Situation => Situations::make(
            t: $exposed,
            kit: Situations::kit(more: ['film' => ['boxSpeed' => 100, 'kind' => 'black-and-white']]),
            plan: new Plan(exposure: new PlannedExposure(exposureTime: ExposureTime::of($metered))),
        );
        yield 'a time that film answers less to' => [
            new Rules\ReciprocityMissing(),
            fn (float $seconds): Situation => $film($seconds, $seconds / 2),
            0.95,
            1.3,
        ];
        $wide = fn (float $n, float $room): Situation => Situations::make(n: $n, t: 0.02 / 2 ** $room, widest: $n);
        yield 'time to close the aperture' => [
            new Rules\WideOpenUnneeded(),
            fn (float $stops): Situation => $wide(1.8, $stops),
            1.95,
            2.05,
        ];
        yield 'a lens that is wide at its widest' => [
            new Rules\WideOpenUnneeded(),
            fn (float $n): Situation => $wide($n, 3.0),
            4.6,
            4.4,
        ];
    }

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, float}> silent, then speaking */
    public static function limitsOfDepthAndPlace(): iterable
    {
        yield 'a background that is nearly as soft as wanted' => [
            new Rules\BackgroundNotSoft(),
            function (float $of): Situation {
                $taken = Situations::make();
                $disc = BlurDisc::of(50, (float) $taken->record->exposure->fNumber?->exact, 3, 10);
                $percent = $disc->percentOfWidth(SensorFormat::fullFrame());

                return Situations::make(
                    intent: new Intent(
                        distances: new IntendedDistances(subject: 3, background: 10, separation: $percent / $of),
                    ),
                );
            },
            0.91,
            0.89,
        ];
        yield 'depth that is nearly there' => [
            new Rules\DepthTooShallow(),
            function (float $of): Situation {
                $near = (float) Situations::make(
                    intent: new Intent(distances: new IntendedDistances(subject: 4)),
                )->depth()?->near;

                return Situations::make(
                    intent: new Intent(distances: new IntendedDistances(subject: 4, near: $near / $of, far: 4)),
                );
            },
            1.045,
            1.055,
        ];
        yield 'closeness that costs light' => [
            new Rules\CloseUpLight(),
            fn (float $times): Situation => Situations::make(
                intent: new Intent(distances: new IntendedDistances(subject: 0.05 * (1 + 1 / $times))),
            ),
            0.247,
            0.253,
        ];
        $hyperfocal = function (float $off): Situation {
            $at = (float) Situations::make(intent: new Intent(distances: new IntendedDistances(subject: 4)))->depth()
                ?->hyperfocal;

            return Situations::make(
                intent: new Intent(distances: new IntendedDistances(near: $at, far: INF)),
                record: ['focusDistance' => $at * 2 ** $off],
            );
        };
        yield 'nearer than hyperfocal' => [new Rules\HyperfocalFocus(), $hyperfocal, -0.01, 0.01];
        yield 'at the hyperfocal distance' => [new Rules\HyperfocalFocus(), $hyperfocal, 0.31, 0.29];
        yield 'well beyond it' => [new Rules\HyperfocalFocus(), $hyperfocal, 0.98, 1.02];
        yield 'people near the edge' => [new Rules\StretchedPerson(), self::stretched(...), 32.0, 31.5];
        $centred = fn (Region $region): Situation => Situations::make(
            approach: new Approach(picture: new ApproachToPicture(placing: PlacingSubject::OffCentreFirst)),
            region: $region,
        );
        yield 'the middle' => [
            new Rules\CentredWithoutReason(),
            fn (float $percent): Situation => $centred(Region::of(0.4 + $percent / 100, 0.3, 0.2, 0.4)),
            6.1,
            5.9,
        ];
        yield 'a subject that fills the frame' => [
            new Rules\CentredWithoutReason(),
            fn (float $percent): Situation => $centred(Region::of(0.5 - $percent / 160, 0.1, $percent / 80, 0.8)),
            45.5,
            44.5,
        ];
        $line = fn (float $from, float $to): Situation => Situations::make(
            composition: ['segments' => [['x1' => 0.602, 'y1' => $from, 'x2' => 0.602, 'y2' => $to, 'length' => 0.4]]],
        );
        yield 'a line along a side' => [
            new Rules\EdgesMerge(),
            fn (float $share): Situation => $line(0.0, 0.3 + 0.4 * $share),
            0.29,
            0.31,
        ];
        yield 'a line that goes on' => [
            new Rules\EdgesMerge(),
            fn (float $share): Situation => $line(0.3 - (0.4 * $share) / (1 - $share), 0.7),
            0.34,
            0.36,
        ];
        yield 'a reason' => [
            new Rules\NoReason(),
            fn (float $characters): Situation => Situations::make(reason: str_repeat('x', (int) $characters)),
            1,
            0,
        ];
        yield 'a bracket that took its time' => [
            new Rules\BracketSlow(),
            fn (float $gap): Situation => Situations::series([
                [8, 4 - $gap, 100, 0],
                [8, (4 - $gap) / 4, 100, 4],
                [8, (4 - $gap) / 16, 100, 5],
            ]),
            2.9,
            3.1,
        ];
        yield 'a bracket that moved by a column' => [
            new Rules\BracketShifted(),
            fn (float $columns): Situation => self::shifted((int) $columns),
            96,
            76,
        ];
    }

    /** @param  Closure(float): Situation  $of */
    #[DataProvider('limitsOfExposure')]
    #[DataProvider('limitsOfTones')]
    #[DataProvider('limitsOfTimeAndIso')]
    #[DataProvider('limitsOfDepthAndPlace')]
    public function test_a_rule_begins_to_speak_at_its_limit(
        FindingRule $rule,
        Closure $of,
        float $silent,
        float $speaking,
    ): void {
        $this->assertBeginsToSpeak($rule, $of, $silent, $speaking);
    }

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, Severity, float, Severity}> */
    public static function limitsOfWeight(): iterable
    {
        $placed = fn (float $off): Situation => Situations::make(subject: self::WANTED + $off);
        yield 'a subject in its place' => [
            new Rules\SubjectPlaced(),
            $placed,
            0.32,
            Severity::Praise,
            0.35,
            Severity::Weakness,
        ];
        yield 'a miss that is seen' => [
            new Rules\SubjectPlaced(),
            $placed,
            0.65,
            Severity::Weakness,
            0.68,
            Severity::Fault,
        ];
        yield 'hands, a stop beyond' => [
            new Rules\HandHeldTooLong(),
            fn (float $stops): Situation => Situations::make(t: 0.02 * 2 ** $stops),
            0.95,
            Severity::Weakness,
            1.05,
            Severity::Fault,
        ];
        yield 'ISO on a tripod whose noise is seen' => [
            new Rules\HighIsoOnTripod(),
            fn (float $stops): Situation => self::slack($stops, Support::Tripod),
            8 / 3,
            Severity::Weakness,
            3.0,
            Severity::Fault,
        ];
        yield 'ISO by hand whose noise is seen' => [
            new Rules\IsoSlack(),
            fn (float $stops): Situation => self::slack($stops, Support::Hand),
            8 / 3,
            Severity::Weakness,
            3.0,
            Severity::Fault,
        ];
        yield 'ISO by hand, two stops more than hands ask for' => [
            new Rules\IsoSlack(),
            // A stop of safety, and so many beyond, before 1/50 s.
            fn (float $stops): Situation => Situations::make(
                t: 1 / 50 / 2 ** (1 + $stops),
                iso: 12800,
                support: Support::Hand,
                kit: Situations::kit(),
            ),
            5 / 3,
            Severity::Weakness,
            2.02,
            Severity::Fault,
        ];
        yield 'a movement that blurs by a stop' => [
            new Rules\SubjectBlurred(),
            self::moving(...),
            0.95,
            Severity::Weakness,
            1.05,
            Severity::Fault,
        ];
        yield 'much noise' => [
            new Rules\UncomfortableNoise(),
            fn (float $stops): Situation => Situations::make(iso: 3200 * 2 ** $stops, kit: Situations::kit()),
            2 / 3,
            Severity::Choice,
            1.0,
            Severity::Weakness,
        ];
        yield 'people who are stretched much' => [
            new Rules\StretchedPerson(),
            self::stretched(...),
            24.3,
            Severity::Choice,
            23.8,
            Severity::Weakness,
        ];
        // ƒ/5.6 and 1/125 s at ISO 100 are EV 12: a reading of 10 lies two stops below it.
        $film = fn (float $reading): Situation => Situations::make(
            t: 1 / 125,
            kit: Situations::kit(more: ['film' => ['boxSpeed' => 100, 'kind' => 'black-and-white']]),
            plan: new Plan(readings: new LightReadings(shadow: Ev100::of($reading))),
        );
        yield 'shadows of film too deep' => [
            new Rules\FilmShadowPlacement(),
            $film,
            9.57,
            Severity::Praise,
            9.43,
            Severity::Fault,
        ];
        yield 'shadows of film too light' => [
            new Rules\FilmShadowPlacement(),
            $film,
            10.43,
            Severity::Praise,
            10.57,
            Severity::Choice,
        ];
    }

    public function test_a_movement_of_unknown_speed_is_taken_for_walking(): void
    {
        $finding = (new Rules\SingleFocusOnMovement())->judge(
            Situations::make(
                intent: new Intent(movement: new Movement(MovementLook::Freeze, null, 90.0)),
                record: ['focusMode' => FocusMode::Single],
            ),
        );

        $this->assertEqualsWithDelta(1.4, $finding?->evidence[1]->value, 1e-9);
    }

    public function test_five_stops_of_time_are_free_on_a_tripod(): void
    {
        $finding = (new Rules\WideOpenUnneeded())->judge(Situations::make(n: 1.8, support: Support::Tripod));

        $this->assertEqualsWithDelta(5.0, $finding?->evidence[1]->value, 1e-9);
    }

    public function test_a_bracket_of_frames_two_stops_apart_covers_the_range(): void
    {
        $usable = UsableRange::of(null, Iso::of(100))->value;
        $finding = (new Rules\RangeBeyondSensor())->judge(
            Situations::make(intent: new Intent(sceneStops: $usable + 5.0)),
        );

        $this->assertStringContainsString('A bracket of 4 frames, 2 stops apart', (string) $finding?->sentence);
    }

    public function test_a_lens_that_is_not_known_closes_to_twenty_two(): void
    {
        $asks = function (float $fNumber): ?Finding {
            // The nearest point for which that f-number holds everything up to the horizon.
            $near = 1.0;
            $circle = (float) Situations::make()->circleOfConfusion();
            for ($round = 0; $round < 60; $round++) {
                $near *= (FocusPlan::forLimits($near, null, 50, $circle)->fNumber / $fNumber) ** 0.5;
            }

            return (new Rules\DepthTooShallow())->judge(
                Situations::make(
                    intent: new Intent(distances: new IntendedDistances(near: $near, far: INF)),
                    support: Support::Tripod,
                    record: ['focusDistance' => 2 * $near],
                ),
            );
        };

        $this->assertNotNull($asks(22.0)?->suggestion);
        $this->assertNull($asks(23.5)?->suggestion);
        $beyond = 'No aperture of this lens holds it';
        $this->assertStringNotContainsString($beyond, (string) $asks(22.0)?->sentence);
        $this->assertStringContainsString($beyond, (string) $asks(23.5)?->sentence);
    }

    /** A frame with that many stops of ISO more than base, and more room in time than those. */
    private static function slack(float $stops, Support $support): Situation
    {
        return Situations::make(t: 1 / 4000, iso: 100 * 2 ** $stops, support: $support, kit: Situations::kit());
    }

    /** A movement to be frozen, exposed that many stops longer than it allows. */
    private static function moving(float $stops): Situation
    {
        $intent = new Intent(
            distances: new IntendedDistances(subject: 5),
            movement: new Movement(MovementLook::Freeze, 1.4),
        );
        $longest = (float) Situations::make(intent: $intent)->movementBand()?->longest;

        return Situations::make(t: $longest * 2 ** $stops, intent: $intent);
    }

    /** A person at the right edge, half way up, at a focal length in mm. */
    private static function stretched(float $focalLength): Situation
    {
        return Situations::make(
            focalLength: $focalLength,
            intent: new Intent(contents: new IntendedContents(person: true)),
            region: Region::of(0.8, 0.45, 0.2, 0.1),
        );
    }

    /** A bracket of which the last frame has moved by one of that many columns. */
    private static function shifted(int $columns): Situation
    {
        $picture = fn (int $by, float $brightness): GreyGrid => Grids::grey(
            fn (float $x, float $y): float => $brightness *
                (120 +
                    60 * sin(31 * ($x - $by / $columns)) * cos(23 * $y) +
                    50 * sin(7 * ($x - $by / $columns) + 5 * $y)),
            $columns,
            64,
        )->grey();

        return Situations::series(
            [[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]],
            pictures: [$picture(0, 0.5), $picture(0, 0.75), $picture(1, 1.0)],
        );
    }
}
