<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Patterns\CheckSpread;
use App\Patterns\FindingSides;
use App\View\Drawings\SpreadStrip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/** One check, and one finding, over a class: how many lie where. */
final class CheckSpreadTest extends TestCase
{
    /** @return iterable<string, array{string, float|list<string>, list<array{string, float|string|null}>, string}> */
    public static function checks(): iterable
    {
        yield 'to both sides' => ['subject.placementError', 0.33, [
            ['missed', -1.0], ['missed', -2.0], ['close', -0.5], ['missed', 0.7], ['met', 0.1], ['unknown', null],
        ], '3 too dark, 1 too bright'];
        yield 'too much' => ['tone.lostHighlightsPct', 1.0, [['missed', 4.0], ['met', 0.5]], '1 too much'];
        yield 'too little' => ['subject.sharePct', 30.0, [['missed', 12.0], ['missed', 29.0]], '2 too small'];
        // Little room is a long time.
        yield 'room' => ['record.shakeRoom', 0.0, [['missed', -1.0], ['met', 1.0]], '1 too long'];
        yield 'too slow for the look' => ['movement.bandError', 0.0, [['missed', 2.0], ['close', -0.2]],
            '1 too long, 1 too short'];
        yield 'words' => ['record.mode', ['aperture', 'manual'], [
            ['missed', 'auto'], ['met', 'aperture'], ['missed', 'auto'],
        ], '2 full automatic'];
        // A limit below zero has two sides as any other.
        yield 'sun up too far' => ['sun.altitude', -4.0, [['missed', -2.0], ['missed', -9.0]], '1 too high, 1 too low'];
        yield 'all met' => ['record.iso', 400.0, [['met', 100.0], ['met', 400.0]], ''];
    }

    public function test_the_sums_add_up_over_any_class(): void
    {
        mt_srand(7);
        for ($class = 0; $class < 50; $class++) {
            $results = array_map(
                fn (): array => [['met', 'close', 'missed', 'unknown'][mt_rand(0, 3)], mt_rand(-30, 30) / 10],
                range(1, mt_rand(1, 30)),
            );
            $spread = self::spread('subject.placementError', 0.34, $results);
            $counted = array_map(intval(...), explode(', ', $spread->counts()));
            $beside = $spread->sides() === '' ? [] : array_map(intval(...), explode(', ', $spread->sides()));

            $this->assertSame(count($results), array_sum($counted));
            $this->assertSame($spread->asked(), array_sum($counted));
            $this->assertSame(
                $spread->count(Verdict::Close) + $spread->count(Verdict::Missed),
                array_sum($beside),
            );
        }
    }

    /**
     * @param  float|list<string>  $limit
     * @param  list<array{string, float|string|null}>  $results
     */
    #[DataProvider('checks')]
    public function test_what_lies_beside_the_limit_is_counted_by_side(
        string $measure,
        float|array $limit,
        array $results,
        string $sides,
    ): void {
        $spread = self::spread($measure, $limit, $results);
        $this->assertSame($sides, $spread->sides());
        foreach (Verdict::cases() as $verdict) {
            $this->assertSame(
                count(array_filter($results, fn (array $one): bool => $one[0] === $verdict->value)),
                $spread->count($verdict),
            );
        }
    }

    public function test_the_range_is_said_of_numbers_and_drawn_with_the_limit_in_its_place(): void
    {
        $spread = self::spread('subject.placementError', 0.5, [['missed', -1.0], ['met', 0.0], ['met', 0.0]]);
        $this->assertSame('−1 stop to 0 stops', str_replace('+0', '0', (string) $spread->range()));
        $strip = SpreadStrip::of($spread);
        [$below, $above] = array_column($strip->limits(), 'x');
        [$missed, $met, $other] = $strip->points();
        $this->assertTrue($missed['x'] < $below && $below < $met['x'] && $met['x'] < $above);
        $this->assertFalse($missed['met']);
        // Two in one place are stacked.
        $this->assertSame($met['x'], $other['x']);
        $this->assertLessThan($met['y'], $other['y']);
        $this->assertNull(SpreadStrip::of(self::spread('record.mode', ['aperture'], [['met', 'aperture']])));
        $this->assertNull(self::spread('record.iso', 400.0, [['met', 100.0]])->range());
    }

    public function test_a_finding_that_goes_to_either_side_is_counted_by_side(): void
    {
        $found = fn (string $name, float $value): Finding => new Finding(
            'x',
            Topic::Exposure,
            Severity::Weakness,
            'A sentence.',
            [new Evidence($name, $value, 'stops')],
            'pixels',
        );
        $this->assertSame('2 too dark, 1 too bright', FindingSides::of(collect([
            $found('subject from its place', -1.0),
            $found('subject from its place', 0.7),
            $found('subject from its place', -2.0),
        ])));
        // What is needed is the other way round from how it came out.
        $this->assertSame('1 too dark', FindingSides::of(collect([$found('compensation needed', 1.0)])));
        $this->assertSame('', FindingSides::of(collect([$found('ISO slack', 2.0)])));
    }

    /**
     * @param  float|list<string>  $limit
     * @param  list<array{string, float|string|null}>  $results
     */
    private static function spread(string $measure, float|array $limit, array $results): CheckSpread
    {
        return CheckSpread::of(array_map(
            fn (array $one): array => [
                'check' => [
                    'measure' => $measure,
                    'limit' => $limit,
                    'sentence' => 'A check',
                    'verdict' => $one[0],
                    'value' => $one[1],
                ],
                'student' => 1,
            ],
            $results,
        ));
    }
}
