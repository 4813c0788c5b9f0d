<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SubjectSize;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class SubjectSizeTest extends TestCase
{
    public function test_a_subject_of_half_a_percent(): void
    {
        $finding = (new SubjectSize())->judge(Situations::make(region: Region::of(0.4, 0.4, 0.1, 0.05)));

        $this->assertEqualsWithDelta(0.5, $finding?->evidence[0]->value, 1e-9);
        // From half a percent to six is √12 of focal length.
        $this->assertStringContainsString('173 mm', $finding->sentence);
    }

    public function test_no_room_left_and_just_right(): void
    {
        $this->assertStringContainsString(
            'nothing is left',
            (string) (new SubjectSize())->judge(Situations::make(region: Region::of(0.05, 0.05, 0.9, 0.9)))?->sentence,
        );
        $this->assertNull((new SubjectSize())->judge(Situations::make()));
    }

    public function test_a_figure_that_is_meant_to_be_small(): void
    {
        $judge = fn (float $side): ?Finding => (new SubjectSize())->judge(Situations::make(
            region: Region::of(0.1, 0.1, $side, $side),
            intent: new Intent(idea: Idea::SmallFigure),
        ));

        $this->assertSame(Severity::Praise, $judge(0.05)?->severity);
        $this->assertSame(Severity::Praise, $judge(sqrt(0.0799))?->severity);
        $this->assertStringContainsString('no longer felt', (string) $judge(sqrt(0.0801))?->sentence);
        $this->assertSame(Severity::Praise, $judge(sqrt(0.00201))?->severity);
        $this->assertStringContainsString('nobody finds it', (string) $judge(sqrt(0.00199))?->sentence);
    }
}
