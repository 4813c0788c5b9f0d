<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\UnequalExposures;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Series\SeriesKind;

final class UnequalExposuresTest extends TestCase
{
    public function test_equal_by_three_ways(): void
    {
        $this->assertSame(
            Severity::Praise,
            (new UnequalExposures())->judge(
                Situations::series([[4, 1 / 500, 100, 0], [8, 1 / 125, 100, 20], [16, 1 / 30, 100, 40]]),
            )?->severity,
        );
    }

    public function test_a_click_too_many(): void
    {
        $finding = (new UnequalExposures())->judge(
            Situations::series([[4, 1 / 500, 100, 0], [8, 1 / 60, 100, 20]], SeriesKind::EqualExposures),
        );

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(1.0, $finding->evidence[0]->value, 1e-9);
    }
}
