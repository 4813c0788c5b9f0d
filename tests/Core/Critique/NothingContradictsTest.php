<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\SeriesFrames;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Sky\Location;

/** What a check of a brief met, no finding faults; and what should not pass, does not. */
final class NothingContradictsTest extends TestCase
{
    /** @return iterable<string, array{string, ExposureMode, bool}> */
    public static function modes(): iterable
    {
        yield 'aperture priority leaves one of two' => ['mode-for-the-job', ExposureMode::Aperture, true];
        yield 'shutter priority leaves one of two' => ['mode-for-the-job', ExposureMode::Shutter, true];
        yield 'program leaves neither' => ['mode-for-the-job', ExposureMode::Program, false];
        yield 'shutter priority leaves the time' => ['stop-streak-smooth', ExposureMode::Shutter, true];
        yield 'manual leaves the time' => ['stop-streak-smooth', ExposureMode::Manual, true];
        yield 'program leaves no time' => ['stop-streak-smooth', ExposureMode::Program, false];
    }

    #[DataProvider('modes')]
    public function test_a_mode_passes_its_check_and_is_not_faulted_or_neither(
        string $id,
        ExposureMode $mode,
        bool $isMet,
    ): void {
        $critique = self::critique(
            Situations::make(
                mode: $mode,
                wanted: null,
                brief: self::brief($id),
                intent: new Intent(movement: new Movement(MovementLook::Freeze, 1.4)),
            ),
        );

        $this->assertSame($isMet ? Verdict::Met : Verdict::Missed, self::check($critique, 'mode')->verdict);
        $this->assertSame(! $isMet, in_array('mode.against-brief', self::faulted($critique), true));
    }

    public function test_a_bracket_by_compensation_in_aperture_priority_is_no_fault(): void
    {
        $critique = self::critique(
            Situations::make(
                mode: ExposureMode::Aperture,
                wanted: null,
                brief: self::brief('more-range-than-the-sensor'),
            ),
        );

        $this->assertNotContains('mode.against-brief', self::faulted($critique));
    }

    public function test_the_limit_that_is_explored_is_no_fault(): void
    {
        $critique = self::critique(Situations::make(t: 1 / 15, wanted: null, brief: self::brief('steady-hands')));

        $this->assertSame(Verdict::Met, self::check($critique, 'limit')->verdict);
        $this->assertNotContains('movement.hand-held-too-long', self::faulted($critique));
        $other = self::critique(Situations::make(t: 1 / 15, wanted: null));
        $this->assertContains('movement.hand-held-too-long', self::faulted($other), 'elsewhere it is');
    }

    public function test_one_cause_is_told_once(): void
    {
        $critique = self::critique(Situations::make(subject: 0.0, wanted: 4 / 3));
        $told = array_values(preg_grep('/^exposure/', self::faulted($critique)) ?: []);

        $this->assertSame(['exposure.meter-fooled'], $told);
    }

    public function test_a_sun_that_has_set_is_not_low(): void
    {
        $check = fn (string $time, string $id): Verdict => self::check(
            self::critique(
                Situations::make(
                    wanted: null,
                    brief: self::brief('where-the-sun-will-be'),
                    plan: new Plan(
                        outing: new Outing(
                            Location::of(50, 10),
                            new DateTimeImmutable('2026-06-21 20:30', new DateTimeZone('+02:00')),
                        ),
                    ),
                    record: ['takenAt' => new DateTimeImmutable('2026-06-21 '.$time, new DateTimeZone('+02:00'))],
                ),
            ),
            $id,
        )->verdict;

        $this->assertSame([Verdict::Met, Verdict::Met], [$check('20:40', 'low'), $check('20:40', 'up')]);
        $this->assertSame(Verdict::Missed, $check('15:00', 'low'));
        $this->assertSame(Verdict::Missed, $check('23:30', 'up'));
    }

    public function test_frames_without_a_record_are_counted_all_the_same(): void
    {
        $check = new Check('frames', new SeriesFrames(), Comparison::AtLeast, 3.0, 0.0, 'Three', 'A row');
        $of = fn (int $frames): Verdict => CheckEvaluation::one(
            $check,
            new Situation(
                record: new CaptureRecord(),
                measures: Situations::make()->measures,
                approach: new Approach(),
                assignment: new Assignment(rowFrames: $frames),
            ),
        )->verdict;

        $this->assertSame([Verdict::Missed, Verdict::Met], [$of(2), $of(3)]);
    }

    public function test_a_frame_on_the_limit_meets_it(): void
    {
        $of = fn (Comparison $comparison, float $limit, float $time): Verdict => CheckEvaluation::one(
            new Check('time', new RecordExposureTime(), $comparison, $limit, 0.0, 'A time', 'It is asked for'),
            Situations::make(t: $time),
        )->verdict;

        $this->assertSame(Verdict::Met, $of(Comparison::AtMost, 30, 30));
        $this->assertSame(Verdict::Met, $of(Comparison::AtLeast, 1 / 60, 1 / 60));
        $this->assertSame(Verdict::Met, $of(Comparison::AtMost, 1 / 60, 1 / 60));
        $this->assertSame(Verdict::Missed, $of(Comparison::AtMost, 1 / 60, 1 / 50));
        $this->assertSame(Verdict::Missed, $of(Comparison::AtLeast, 1 / 60, 1 / 80));
    }

    private static function brief(string $id): Brief
    {
        $path = __DIR__.'/../../../resources/briefs/'.$id.'.json';

        return BriefFormat::read(json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR));
    }

    private static function critique(Situation $situation): Critique
    {
        return Critique::of($situation, Rules::critic());
    }

    private static function check(Critique $critique, string $id): CheckResult
    {
        return array_values(
            array_filter($critique->checks, fn (CheckResult $result): bool => $result->check->id === $id),
        )[0];
    }

    /** @return list<string> */
    private static function faulted(Critique $critique): array
    {
        return array_map(
            fn (Finding $finding): string => $finding->id,
            array_values(
                array_filter(
                    $critique->findings,
                    fn (Finding $finding): bool => $finding->severity !== Severity::Praise,
                ),
            ),
        );
    }
}
