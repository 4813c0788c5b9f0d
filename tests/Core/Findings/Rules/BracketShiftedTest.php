<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\BracketShifted;
use TruePupil\Core\Raster\GreyGrid;

final class BracketShiftedTest extends TestCase
{
    public function test_a_frame_that_moved(): void
    {
        $finding = $this->judge(3);

        $this->assertEqualsWithDelta((100 * 3) / 96, $finding?->evidence[0]->value, 0.6);
        $this->assertGreaterThan(0.9, $finding->confidence);
    }

    public function test_on_each_other_or_no_bracket(): void
    {
        $this->assertNull($this->judge(0));
        $this->assertNull($this->judge(1));
        $this->assertNull(
            (new BracketShifted())->judge(Situations::make(rowPictures: [$this->picture(0, 1), $this->picture(5, 1)])),
        );
    }

    private function judge(int $cells): ?Finding
    {
        // Each frame brighter than the last, as a bracket is.
        return (new BracketShifted())->judge(
            Situations::series(
                [[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]],
                pictures: [$this->picture(0, 0.5), $this->picture(0, 0.75), $this->picture($cells, 1.0)],
            ),
        );
    }

    private function picture(int $cells, float $brightness): GreyGrid
    {
        return Grids::grey(
            fn (float $x, float $y): float => $brightness *
                (120 + 60 * sin(31 * ($x - $cells / 96)) * cos(23 * $y) + 50 * sin(7 * ($x - $cells / 96) + 5 * $y)),
            96,
            64,
        )->grey();
    }
}
