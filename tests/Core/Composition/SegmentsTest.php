<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Leads;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\Segments;

final class SegmentsTest extends TestCase
{
    public function test_a_slanting_edge_is_found_with_its_ends(): void
    {
        // A band from (0.1, 0.9) to (0.6, 0.4) of a square-celled picture.
        $grid = Grids::grey(
            fn (float $x, float $y): float => $x > 0.1 &&
            $x < 0.6 &&
            abs(($y - 0.9) * 128 + (($x - 0.1) * 192 * 64) / 96) < 6
                ? 210.0
                : 70.0,
            192,
            128,
        );
        $segments = Segments::of($grid->grey());

        $this->assertGreaterThanOrEqual(2, count($segments), 'both edges of the band');
        foreach (array_slice($segments, 0, 2) as $segment) {
            $slope = (($segment['y2'] - $segment['y1']) * 128) / (($segment['x2'] - $segment['x1']) * 192);
            $this->assertEqualsWithDelta(-64 / 96, $slope, 0.03);
            $this->assertEqualsWithDelta(hypot(96, 64) / hypot(192, 128), $segment['length'], 0.06);
        }
    }

    public function test_nothing_in_a_plain_picture_and_nothing_in_noise(): void
    {
        $this->assertSame([], Segments::of(Grids::grey(fn (): float => 120.0, 192, 128)->grey()));
        mt_srand(3);
        $this->assertLessThanOrEqual(
            1,
            count(Segments::of(Grids::grey(fn (): float => 120.0 + mt_rand(-30, 30), 192, 128)->grey())),
        );
    }

    public function test_lines_that_run_into_the_subject_lead(): void
    {
        $line = fn (float $x1, float $y1, float $x2, float $y2): array => [
            'x1' => $x1,
            'y1' => $y1,
            'x2' => $x2,
            'y2' => $y2,
            'length' => hypot(1.5 * ($x2 - $x1), $y2 - $y1) / hypot(1.5, 1),
        ];
        $subject = Region::of(0.45, 0.4, 0.1, 0.2);
        $leads = Leads::to(
            $subject,
            [
                $line(0.0, 1.0, 0.35, 0.65),
                $line(0.65, 0.65, 1.0, 1.0),
                // Past it, along it, and one that points away from where it is.
                $line(0.0, 0.9, 0.5, 0.9),
                $line(0.46, 0.4, 0.46, 0.6),
                $line(0.0, 0.2, 0.4, 0.0),
            ],
            1.5,
        );

        $this->assertCount(2, $leads);
        $this->assertSame([1.0, 0.65], [$leads[1]['x1'], $leads[1]['x2']], 'from the far end to the near one');
    }
}
