<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BracketValuesMoved;
use TruePupil\Core\Series\SeriesKind;

final class BracketValuesMovedTest extends TestCase
{
    public function test_aperture_moved_with_the_time(): void
    {
        $finding = (new BracketValuesMoved())->judge(
            Situations::series(
                [[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [5.6, 1 / 60, 100, 2]],
                SeriesKind::Bracket,
            ),
        );

        $this->assertStringContainsString('the aperture', (string) $finding?->sentence);
        $this->assertEqualsWithDelta(1.0, $finding->evidence[0]->value, 1e-9);
    }

    public function test_only_the_time_moved(): void
    {
        $this->assertNull(
            (new BracketValuesMoved())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]]),
            ),
        );
        $this->assertNull((new BracketValuesMoved())->judge(Situations::make()));
    }
}
