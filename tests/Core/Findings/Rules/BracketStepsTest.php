<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BracketSteps;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Series\SeriesKind;

final class BracketStepsTest extends TestCase
{
    public function test_a_missing_frame(): void
    {
        $finding = (new BracketSteps())->judge(
            Situations::series([
                [8, 1 / 1000, 100, 0],
                [8, 1 / 500, 100, 1],
                [8, 1 / 125, 100, 2],
                [8, 1 / 60, 100, 3],
            ]),
        );

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('1 frame is missing', $finding->sentence);
    }

    public function test_uneven_steps(): void
    {
        $this->assertSame(
            Severity::Weakness,
            (new BracketSteps())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 200, 100, 1], [8, 1 / 50, 100, 2]]),
            )?->severity,
        );
    }

    public function test_the_same_exposure_over_and_over(): void
    {
        $this->assertStringContainsString(
            'same exposure',
            (string) (new BracketSteps())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 500, 100, 1]], SeriesKind::Bracket),
            )?->sentence,
        );
    }

    public function test_even_steps_in_any_order(): void
    {
        $this->assertNull(
            (new BracketSteps())->judge(
                Situations::series([[8, 1 / 125, 100, 0], [8, 1 / 500, 100, 1], [8, 1 / 30, 100, 2]]),
            ),
        );
    }
}
