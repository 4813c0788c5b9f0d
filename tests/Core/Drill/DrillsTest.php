<?php

declare(strict_types=1);

namespace Tests\Core\Drill;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Drill\AnswerUnit;
use TruePupil\Core\Drill\Drill;
use TruePupil\Core\Drill\DrillKind;
use TruePupil\Core\Drill\DrillMaker;
use TruePupil\Core\Drill\DrillScene;
use TruePupil\Core\Drill\Spacing;
use TruePupil\Core\Exposure\ExposureTime;

final class DrillsTest extends TestCase
{
    /** @return iterable<string, array{DrillKind}> */
    public static function kinds(): iterable
    {
        foreach (DrillKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_drill_can_be_answered_asked_again_and_explained(DrillKind $kind): void
    {
        $questions = [];
        foreach ($this->drills($kind) as $drill) {
            $this->assertTrue(
                $drill->isRight(
                    $drill->answer->unit === AnswerUnit::Choice ? (string) $drill->answer->right : $drill->rightText(),
                ),
                $drill->question.' → '.$drill->rightText(),
            );
            $this->assertEquals($drill, DrillMaker::of($kind)->make($this->scene(), $drill->level, $drill->seed));
            $this->assertNotSame('', $drill->answer->why);
            $questions[] = $drill->question.json_encode([$drill->frames, $drill->answer->right]);
        }
        // Numbers are drawn afresh: hardly any two are the same.
        $this->assertGreaterThan(0.45 * count($questions), count(array_unique($questions)));
    }

    public function test_matching_keeps_the_light_whatever_is_asked_for(): void
    {
        foreach ($this->drills(DrillKind::Match) as $drill) {
            $this->assertNotNull($drill->answer->ledgers);
            $this->assertEqualsWithDelta(0.0, $drill->answer->ledgers[0]->balance->value, 1e-9);
            $this->assertEqualsWithDelta(0.0, $drill->answer->ledgers[1]->balance->value, 0.17, $drill->question);
        }
    }

    public function test_the_meter_s_mark_is_what_the_ledger_leaves_over_and_can_be_read_off(): void
    {
        foreach ($this->drills(DrillKind::MeterSays) as $drill) {
            $this->assertEqualsWithDelta(
                $drill->answer->ledgers[1]->balance->value ?? NAN,
                (float) $drill->answer->right,
                1e-9,
            );
            $this->assertLessThanOrEqual(6.0, abs((float) $drill->answer->right));
        }
    }

    public function test_a_flash_asks_for_its_guide_number_through_the_distance(): void
    {
        $bounced = 0;
        foreach ($this->drills(DrillKind::Flash) as $drill) {
            preg_match('/number (\d+).* ([\d.]+) m from.*ISO (\d+)/', $drill->question, $said);
            preg_match('/fill (\d)/', $drill->question, $fill);
            $isBounced = str_contains($drill->question, 'ceiling');
            $bounced += $isBounced ? 1 : 0;
            $stops = 2 * log($said[1] / $said[2], 2) + log($said[3] / 100, 2) - ($isBounced ? 2 : 0) + ($fill[1] ?? 0);
            $this->assertEqualsWithDelta($stops, 2 * log((float) $drill->answer->right, 2), 1 / 6 + 0.01);
        }
        $this->assertGreaterThan(0, $bounced);
    }

    public function test_the_safe_time_holds_both_hands_and_subject(): void
    {
        foreach ($this->drills(DrillKind::SafeTime) as $drill) {
            preg_match('/at (\d+) mm.*? of (\d) stop/', $drill->question.' of 0 stop', $said);
            $right = ExposureTime::parse((string) $drill->answer->right)->exact;
            $this->assertLessThanOrEqual(1.13 * 2 ** min(4, (int) $said[2]) / (int) $said[1], $right);
            $this->assertCount(4, $drill->answer->choices);
            $this->assertArrayHasKey((string) $drill->answer->right, $drill->answer->choices);
        }
    }

    public function test_a_placed_spot_lies_where_it_belongs(): void
    {
        foreach ($this->drills(DrillKind::Place) as $drill) {
            $this->assertEqualsWithDelta(
                0.0,
                $drill->answer->ledgers[1]->balance->value ?? NAN,
                1e-9,
                $drill->question,
            );
            $this->assertContains($drill->answer->unit, [AnswerUnit::Time, AnswerUnit::Iso]);
        }
    }

    public function test_between_the_two_frames_exactly_the_named_value_moved_and_less_at_each_level(): void
    {
        $moved = [];
        foreach ($this->drills(DrillKind::Changed) as $drill) {
            [$a, $b] = [$drill->frames[0]->settings, $drill->frames[1]->settings];
            $different = array_keys(
                array_filter([
                    'aperture' => $a->aperture->exact !== $b->aperture->exact,
                    'time' => $a->time->exact !== $b->time->exact,
                    'iso' => $a->iso->exact !== $b->iso->exact,
                ]),
            );
            $this->assertSame([$drill->answer->right], $different, $drill->question);
            $moved[$drill->level][] = abs($a->ev100()->value - $b->ev100()->value);
        }
        $means = array_map(fn (array $stops): float => array_sum($stops) / count($stops), $moved);
        for ($level = 2; $level <= 5; $level++) {
            $this->assertLessThan($means[$level - 1], $means[$level]);
        }
    }

    public function test_in_bright_light_too_something_moved_and_by_as_much(): void
    {
        $bright = new DrillScene('arcade', 'The arcade', 15.0, [], true);
        for ($seed = 1; $seed <= 120; $seed++) {
            $drill = DrillMaker::of(DrillKind::Changed)->make($bright, 1, $seed);
            $this->assertEqualsWithDelta(
                3.0,
                abs($drill->frames[0]->settings->ev100()->value - $drill->frames[1]->settings->ev100()->value),
                $drill->answer->right === 'aperture' ? 1.5 : 0.01,
                $drill->question.' '.$seed,
            );
            $this->assertNotEquals($drill->frames[0]->settings, $drill->frames[1]->settings);
        }
    }

    public function test_the_lines_of_every_ledger_add_up_to_its_balance(): void
    {
        foreach (DrillKind::cases() as $kind) {
            foreach ($this->drills($kind) as $drill) {
                [$before, $after] = $drill->answer->ledgers ?? [null, null];
                if ($before === null || $after === null) {
                    continue;
                }
                $rows = array_filter($after->against($before), fn (array $row): bool => $row['id'] !== 'compensation');
                $sum = fn (string $side): float => array_sum(
                    array_map(fn (array $row): float => $row[$side]->stops->value ?? NAN, $rows),
                );
                $this->assertEqualsWithDelta($before->balance->value, $sum('before'), 1e-9, $drill->question);
                $this->assertEqualsWithDelta($after->balance->value, $sum('after'), 1e-9, $drill->question);
                $this->assertStringNotContainsString('brief', json_encode(array_column($rows, 'label')));
            }
        }
    }

    public function test_nothing_is_placed_where_hardly_anything_belongs(): void
    {
        foreach ($this->drills(DrillKind::Place) as $drill) {
            $wanted = $drill->answer->ledgers[1]?->line('wanted')?->stops->value ?? NAN;
            $this->assertLessThanOrEqual(2.0 + 1e-9, abs($wanted), $drill->question);
        }
    }

    public function test_what_the_raw_file_holds_follows_from_the_two_ends(): void
    {
        $seen = [];
        foreach ($this->drills(DrillKind::Raw) as $drill) {
            preg_match('/comes out at (\S+) from/u', $drill->question, $found);
            $tone = (float) strtr(ltrim($found[1], '+'), ['−' => '-', '⅓' => '.3333', '⅔' => '.6667']);
            if ($drill->answer->unit === AnswerUnit::Stops) {
                $this->assertEqualsWithDelta(log(2 / 0.18, 2), $tone + (float) $drill->answer->right, 0.01);
            } else {
                $expected = match (true) {
                    $tone < log(1.2 / 0.18, 2) => 'both',
                    $tone < log(2 / 0.18, 2) => 'raw',
                    default => 'none',
                };
                $this->assertSame($expected, $drill->answer->right, $drill->question);
                $seen[$expected] = true;
            }
        }
        $this->assertCount(3, $seen);
    }

    public function test_the_strip_belongs_to_one_of_four_different_frames(): void
    {
        foreach ($this->drills(DrillKind::Histogram) as $drill) {
            $times = array_map(fn ($frame): float => $frame->settings->time->exact, $drill->frames);
            $this->assertCount(4, array_unique($times));
            $named = array_values(
                array_filter($drill->frames, fn ($frame): bool => $frame->name === $drill->answer->right),
            );
            $this->assertEquals($drill->strip?->settings, $named[0]->settings);
        }
    }

    public function test_answers_are_read_in_the_units_of_the_trade_and_to_half_a_third(): void
    {
        $this->assertTrue(AnswerUnit::Time->isRight('1/125', 1 / 128));
        $this->assertTrue(AnswerUnit::Time->isRight('2 s', 2.0));
        $this->assertFalse(AnswerUnit::Time->isRight('1/100', 1 / 128));
        $this->assertTrue(AnswerUnit::FNumber->isRight('f/5.6', 5.657));
        $this->assertTrue(AnswerUnit::FNumber->isRight('ƒ 5,6', 5.657));
        $this->assertFalse(AnswerUnit::FNumber->isRight('6.3', 5.657));
        $this->assertTrue(AnswerUnit::Iso->isRight('ISO 1600', 1600.0));
        foreach (
            [
                '+1 2/3' => 5 / 3,
                '-2/3' => -2 / 3,
                '−1⅓' => -4 / 3,
                '2' => 2.0,
                '0.7' => 2 / 3,
                '+1 stop' => 1.0,
                '⅓' => 1 / 3,
            ] as $text => $stops
        ) {
            $this->assertTrue(AnswerUnit::Stops->isRight((string) $text, $stops), (string) $text);
        }
        $this->assertFalse(AnswerUnit::Stops->isRight('-1', 1.0));
        $this->assertTrue(AnswerUnit::Iso->isRight('440', 400.0), 'a seventh of a stop');
        $this->assertFalse(AnswerUnit::Iso->isRight('460', 400.0), 'a fifth of a stop');
        $this->expectException(InvalidArgumentException::class);
        AnswerUnit::Stops->isRight('a bit', 1.0);
    }

    public function test_what_was_missed_returns_after_ever_longer_pauses_until_it_is_known(): void
    {
        $this->assertNull(Spacing::next(null, true));
        $missed = Spacing::next(null, false);
        $this->assertSame(['box' => 0, 'minutes' => 10], $missed);
        $pauses = [];
        for ($next = $missed; $next !== null; $next = Spacing::next($next['box'], true)) {
            $pauses[] = $next['minutes'];
        }
        $sorted = $pauses;
        sort($sorted);
        $this->assertSame($sorted, $pauses);
        $this->assertCount(5, $pauses);
        $this->assertSame(0, Spacing::next(3, false)['box'] ?? null);
    }

    public function test_three_right_in_a_row_are_harder_and_two_misses_easier(): void
    {
        $answers = fn (int $level, string $marks): array => array_map(
            fn (string $mark): array => ['level' => $level, 'isRight' => $mark === '+'],
            str_split($marks),
        );
        $this->assertSame(1, Spacing::level([]));
        $this->assertSame(3, Spacing::level($answers(2, '+++')));
        $this->assertSame(2, Spacing::level($answers(2, '++-')));
        $this->assertSame(1, Spacing::level($answers(2, '--+')));
        $this->assertSame(Spacing::HARDEST, Spacing::level($answers(Spacing::HARDEST, '+++')));
        $this->assertSame(
            3,
            Spacing::level([...$answers(3, '+'), ...$answers(2, '+++')]),
            'a new level takes three of its own',
        );
        // Latest first: an easy one that came back does not lower the level, a hard one does not raise it.
        $this->assertSame(3, Spacing::level([...$answers(1, '+'), ...$answers(3, '+-+')]));
        $this->assertSame(2, Spacing::level([...$answers(4, '+'), ...$answers(2, '+-+')]));
        $this->assertSame(3, Spacing::level([...$answers(1, '-'), ...$answers(3, '-+')]), 'nor does a miss of it');
    }

    public function test_drills_keep_to_what_the_course_leaves_to_the_camera(): void
    {
        $asks = fn (DrillKind $kind, array $choices): array => array_map(
            fn (Drill $drill): array => [$drill->question, $drill->answer->right, array_keys($drill->answer->choices)],
            iterator_to_array($this->drills($kind, Approach::fromArray($choices)), false),
        );
        $says = fn (array $drills, string $words): int => count(
            array_filter($drills, fn (array $drill): bool => str_contains($drill[0], $words)),
        );
        $byHand = $asks(DrillKind::CameraChooses, ['iso' => 'by-hand']);
        $this->assertSame(0, $says($byHand, 'automatic ISO'));
        $automatic = $asks(DrillKind::CameraChooses, ['iso' => 'automatic']);
        $this->assertSame(180, $says($automatic, 'automatic ISO'), 'from the third level on');
        $manual = $asks(DrillKind::CameraChooses, ['iso' => 'automatic', 'start' => 'manual']);
        $this->assertSame(300, $says($manual, 'manual with automatic ISO'));

        $usual = $asks(DrillKind::Mode, ['start' => 'manual', 'iso' => 'by-hand']);
        $this->assertContains('aperture', array_column($usual, 1));
        $this->assertNotContains('manual-auto-iso', array_merge(...array_column($usual, 2)));
        $held = $asks(DrillKind::Mode, ['start' => 'manual', 'iso' => 'automatic']);
        $this->assertContains('manual-auto-iso', array_column($held, 1));
        $this->assertSame([], array_intersect(['aperture', 'shutter'], array_merge(...array_column($held, 2))));
        foreach ($held as [, $right, $choices]) {
            $this->assertContains($right, $choices);
        }
    }

    /** @return iterable<Drill> */
    private function drills(DrillKind $kind, Approach $approach = new Approach()): iterable
    {
        for ($level = 1; $level <= Spacing::HARDEST; $level++) {
            for ($seed = 1; $seed <= 60; $seed++) {
                yield DrillMaker::of($kind)->make($this->scene(), $level, 1000 * $level + $seed, $approach);
            }
        }
    }

    private function scene(): DrillScene
    {
        return new DrillScene(
            'wheel',
            'The throwing wheel',
            7.3,
            ['the bowl' => 6.9, 'the wall' => 9.2, 'the shadow' => 3.1],
            true,
        );
    }
}
