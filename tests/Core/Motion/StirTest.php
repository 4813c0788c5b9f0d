<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Approach\Sharpness;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Optics\SensorFormat;

/** The table of times by subject, and what hands hold. */
final class StirTest extends TestCase
{
    #[DataProvider('kinds')]
    public function test_a_kind_of_subject_has_its_time(SubjectKind $kind, bool $moves, ?float $denominator): void
    {
        $longest = $kind->stir($moves)->longest();
        $denominator === null
            ? $this->assertNull($longest)
            : $this->assertEqualsWithDelta(1 / $denominator, $longest, 1e-9);
    }

    public static function kinds(): iterable
    {
        yield 'somebody who sits for it' => [SubjectKind::Person, false, 60];
        yield 'somebody who walks' => [SubjectKind::Person, true, 160];
        yield 'people talking' => [SubjectKind::People, false, 125];
        yield 'a child' => [SubjectKind::Child, false, 250];
        yield 'sport' => [SubjectKind::Runner, true, 500];
        yield 'a bird that sits' => [SubjectKind::Bird, false, 800];
        yield 'a bird that flies' => [SubjectKind::Bird, true, 2000];
        yield 'a thing' => [SubjectKind::Thing, false, null];
        yield 'a view' => [SubjectKind::View, false, null];
    }

    public function test_stricter_is_shorter(): void
    {
        foreach (Stir::cases() as $stir) {
            if ($stir !== Stir::Still) {
                $times = array_map(fn (Sharpness $rule): ?float => $stir->longest($rule), Sharpness::cases());
                $sorted = $times;
                rsort($sorted);
                $this->assertSame($sorted, $times, $stir->value);
                $this->assertCount(3, array_unique($times));
            }
        }
    }

    public function test_a_stabiliser_counts_in_full_for_three_stops_and_hands_shake_more_close_up(): void
    {
        $held = fn (float $stops, float $magnification = 0.0): float => HandHeldLimit::held(
            50,
            SensorFormat::fullFrame(),
            $stops,
            0.0,
            $magnification,
        )->seconds;

        $this->assertEqualsWithDelta(1 / 50, $held(0), 1e-9);
        $this->assertEqualsWithDelta(8 / 50, $held(3), 1e-9);
        $this->assertEqualsWithDelta(2 ** (3 + 2 / 3) / 50, $held(5), 1e-9);
        $this->assertEqualsWithDelta(1 / 50 / 1.5, $held(0, 0.5), 1e-9);
        $this->assertEqualsWithDelta(1 / 50, $held(0, 0.05), 1e-9, 'not close up');
    }
}
