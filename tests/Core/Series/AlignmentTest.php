<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\Alignment;

final class AlignmentTest extends TestCase
{
    public function test_a_shift_is_found_whatever_the_exposure(): void
    {
        $shift = Alignment::between(self::scene(), self::scene(3, -2, 0.5));

        $this->assertEqualsWithDelta((100 * 3) / 64, $shift->across, 1e-9);
        $this->assertEqualsWithDelta((-100 * 2) / 64, $shift->down, 1e-9);
        $this->assertGreaterThan(0.95, $shift->likeness);
        $this->assertNull(Alignment::between(self::scene(), GreyGrid::of(2, 2, [0.0, 0.1, 0.2, 0.3])), 'another shape');
    }

    public function test_the_largest_is_of_the_frame_that_lies_farthest_from_the_first_or_the_one_before(): void
    {
        $drift = [self::scene(), self::scene(-2), self::scene(-4), self::scene(-5)];
        $jump = [self::scene(), self::scene(1), self::scene(-4), self::scene(2)];

        $this->assertEqualsWithDelta((-100 * 5) / 64, Alignment::largest($drift)->across, 1e-9);
        $this->assertEqualsWithDelta((100 * 6) / 64, Alignment::largest($jump)->across, 1e-9);
        $this->assertNull(Alignment::largest([self::scene()]), 'one frame has nothing to be shifted against');
        $this->assertNull(Alignment::largest([]));
    }

    public function test_a_shift_beyond_eight_cells_is_found_too(): void
    {
        foreach ([8, 9, 12, 15] as $cells) {
            $this->assertEqualsWithDelta(
                (100 * $cells) / 64,
                Alignment::between(self::scene(), self::scene($cells))?->across,
                1e-9,
            );
        }
    }

    public function test_a_frame_of_another_scene_says_nothing_of_a_shift(): void
    {
        mt_srand(7);
        $other = GreyGrid::of(64, 48,
            array_map(fn (): float => (255 * mt_rand()) / mt_getrandmax(), range(1, 64 * 48)));

        $this->assertNull(Alignment::largest([self::scene(), $other]));
        $this->assertEqualsWithDelta(
            (100 * 2) / 64,
            Alignment::largest([self::scene(), $other, self::scene(2)])->distance(),
            1e-9,
        );
    }

    /** Blots of different sizes on grey, moved by whole cells. */
    private static function scene(int $dx = 0, int $dy = 0, float $gain = 1.0): GreyGrid
    {
        $cells = [];
        for ($y = 0; $y < 48; $y++) {
            for ($x = 0; $x < 64; $x++) {
                $value = 0.2;
                foreach ([[20, 15, 4], [45, 30, 7], [33, 10, 3], [12, 37, 5]] as [$cx, $cy, $r]) {
                    $value += 0.7 * exp(-(($x - $dx - $cx) ** 2 + ($y - $dy - $cy) ** 2) / (2 * $r * $r));
                }
                $cells[] = 255 * $gain * $value;
            }
        }

        return GreyGrid::of(64, 48, $cells);
    }
}
