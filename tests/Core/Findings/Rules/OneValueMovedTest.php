<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\OneValueMoved;
use TruePupil\Core\Findings\Severity;

final class OneValueMovedTest extends TestCase
{
    public function test_step_by_step(): void
    {
        $finding = (new OneValueMoved())->judge(
            Situations::series([[4, 1 / 125, 100, 0], [5.6, 1 / 125, 100, 20], [8, 1 / 125, 100, 40]]),
        );

        $this->assertSame(Severity::Praise, $finding?->severity);
        $this->assertStringContainsString('over 2 stops', $finding->sentence);
    }

    public function test_another_focal_length_is_a_second_value(): void
    {
        $judge = fn (float $length): ?Finding => (new OneValueMoved())->judge(
            Situations::series([[4, 1 / 125, 100, 0, 50.0], [8, 1 / 125, 100, 20, $length]]),
        );

        $this->assertNotNull($judge(51.5));
        $this->assertNull($judge(85.0));
    }

    public function test_not_to_and_fro(): void
    {
        $this->assertNull(
            (new OneValueMoved())->judge(
                Situations::series([[4, 1 / 125, 100, 0], [8, 1 / 125, 100, 20], [5.6, 1 / 125, 100, 40]]),
            ),
        );
    }
}
