<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\ColourOdds;
use TruePupil\Core\Raster\ColourGrid;

final class ColourOddsTest extends TestCase
{
    public function test_a_colour_speaks_for_where_it_is_found(): void
    {
        [$says, $common] = $this->of([[200, 100, 50], [200, 100, 50], [60, 90, 200], [60, 90, 200]], [1, 1, 0, 0]);

        $this->assertSame([3.0, 3.0, -3.0, -3.0], $says, 'as much as one colour may say');
        $this->assertLessThan(0.01, $common);
    }

    public function test_the_same_colour_in_both_says_nothing(): void
    {
        [$says, $common] = $this->of([[90, 90, 90], [90, 90, 90]], [1, 0]);

        $this->assertEqualsWithDelta([0.0, 0.0], $says, 1e-9);
        $this->assertEqualsWithDelta(1.0, $common, 1e-9);
    }

    public function test_shade_on_one_thing_is_nearer_to_it_than_another_hue_as_dark(): void
    {
        // A thing in the light, its shade, and a ground that is as dark as the shade and of another hue.
        [$says] = $this->of([[200, 140, 90], [140, 98, 63], [85, 100, 120]], [1, 0.5, 0]);

        $this->assertGreaterThan(0.0, $says[1]);
        $this->assertLessThan(0.0, $says[2]);
    }

    /**
     * @param  list<array{int, int, int}>  $cells
     * @param  list<float|int>  $belief
     * @return array{list<float>, float}
     */
    private function of(array $cells, array $belief): array
    {
        $bytes = implode('', array_map(fn (array $cell): string => implode('', array_map(chr(...), $cell)), $cells));

        return ColourOdds::in(ColourGrid::ofBytes(count($cells), 1, $bytes))->of(array_map(floatval(...), $belief));
    }
}
