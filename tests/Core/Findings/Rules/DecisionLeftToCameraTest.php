<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Findings\Rules\DecisionLeftToCamera;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\ExposureMode;

final class DecisionLeftToCameraTest extends TestCase
{
    public function test_automatic_took_every_decision(): void
    {
        $this->assertSame(
            Severity::Fault,
            (new DecisionLeftToCamera())->judge(Situations::make(mode: ExposureMode::Auto))?->severity,
        );
    }

    public function test_where_beginners_start_from_automatic_it_is_a_choice(): void
    {
        $finding = (new DecisionLeftToCamera())->judge(
            Situations::make(mode: ExposureMode::Scene, approach: new Approach(start: Start::AutomaticFirst)),
        );

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertNotNull($finding->otherView);
    }

    public function test_program_leaves_compensation_to_the_person(): void
    {
        $this->assertNull((new DecisionLeftToCamera())->judge(Situations::make(mode: ExposureMode::Program)));
    }
}
