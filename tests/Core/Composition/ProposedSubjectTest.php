<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\ProposedSubject;
use TruePupil\Core\Composition\Region;

final class ProposedSubjectTest extends TestCase
{
    public function test_what_stands_out_is_proposed_with_all_of_it(): void
    {
        $spot = Region::of(0.55, 0.3, 0.2, 0.25);
        $proposed = ProposedSubject::in(
            Attention::of(
                Grids::grey(fn (float $x, float $y): float => $spot->holds($x, $y) ? 220.0 : 90.0, 192, 128),
            ),
        );

        $this->assertNotNull($proposed);
        $this->assertGreaterThan(0.9, $spot->shareInside($proposed), 'most of it is within the proposal');
        $this->assertLessThan(4 * $spot->sharePct(), $proposed->sharePct(), 'and not much else');
    }

    public function test_nothing_is_proposed_where_nothing_stands_out(): void
    {
        $this->assertNull(ProposedSubject::in(Attention::of(Grids::grey(fn (): float => 120.0, 192, 128))));
    }

    public function test_what_takes_much_of_the_picture_is_no_proposal(): void
    {
        // One bright glow in the middle, so wide.
        $glow = fn (float $width): ?Region => ProposedSubject::in(
            Attention::of(
                Grids::grey(
                    fn (float $x, float $y): float => 90 + 130 * exp(-(hypot($x - 0.5, $y - 0.5) / $width) ** 2),
                    192,
                    128,
                ),
            ),
        );

        $this->assertLessThan(40.0, $glow(0.11)?->sharePct());
        $this->assertNull($glow(0.12));
    }

    public function test_of_two_things_alike_the_sharp_one_is_proposed(): void
    {
        $columns = Attention::columns();
        $sharpAt = fn (float $from, float $to): array => array_map(
            fn (int $cell): float => ($cell % $columns) / $columns >= $from && ($cell % $columns) / $columns < $to
                ? 1.0
                : 0.0,
            range(0, $columns * Attention::rows() - 1),
        );
        $two = Grids::grey(
            fn (float $x, float $y): float => abs($y - 0.5) < 0.1 && (abs($x - 0.3) < 0.06 || abs($x - 0.7) < 0.06)
                ? 220.0
                : 90.0,
            192,
            128,
        );
        $left = ProposedSubject::in(Attention::of($two, $sharpAt(0.0, 0.5)))?->centre();
        $right = ProposedSubject::in(Attention::of($two, $sharpAt(0.5, 1.0)))?->centre();

        $this->assertEqualsWithDelta(0.3, $left['x'] ?? 0, 0.06);
        $this->assertEqualsWithDelta(0.7, $right['x'] ?? 0, 0.06);
    }
}
