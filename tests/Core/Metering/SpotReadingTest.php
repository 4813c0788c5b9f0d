<?php

declare(strict_types=1);

namespace Tests\Core\Metering;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Metering\SpotReading;

final class SpotReadingTest extends TestCase
{
    public function test_a_bright_half_is_placed_and_each_pattern_says_what_it_would_have_needed(): void
    {
        // The left half on mid-grey, the right one two stops above.
        $cells = [];
        for ($i = 0; $i < 90 * 60; $i++) {
            $cells[] = $i % 90 < 45 ? 0.18 : 0.72;
        }
        $spot = SpotReading::at(LuminanceGrid::of(90, 60, $cells), 0.8, 0.5);

        $this->assertEqualsWithDelta(2.0, $spot->placement->value, 1e-6);
        $this->assertSame('VII', $spot->zone);
        $this->assertEqualsWithDelta(0.0, $spot->compensations['spot'], 1e-6);
        // A pattern that reads the whole as about 1.3 stops up would have darkened by too little for this spot.
        $this->assertLessThan(-0.4, $spot->compensations['centre']);
        $this->assertEqualsWithDelta(-4 / 3 + 2 / 3, $spot->changeFor(Stops::of(4 / 3))->value, 1e-6);
    }
}
