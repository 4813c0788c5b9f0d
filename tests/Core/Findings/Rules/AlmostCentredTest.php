<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\AlmostCentred;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class AlmostCentredTest extends TestCase
{
    public function test_an_axis_two_percent_off(): void
    {
        $finding = $this->judge(0.52, 0.93, Idea::Symmetry);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('2.0 % of the width to the right', $finding->sentence);
        $this->assertNull($this->judge(0.52, 0.93), 'nobody said that it was to be symmetrical');
    }

    public function test_declared_and_exact_is_praised(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(0.5118, 0.93, Idea::Symmetry)?->severity);
        $this->assertSame(Severity::Fault, $this->judge(0.5122, 0.93, Idea::Symmetry)?->severity);
    }

    public function test_no_symmetry_or_exact_without_a_word(): void
    {
        $this->assertNull($this->judge(0.52, 0.5, Idea::Symmetry));
        $this->assertNull($this->judge(0.5, 0.93));
    }

    private function judge(float $axis, float $likeness, ?Idea $idea = null): ?Finding
    {
        return (new AlmostCentred())->judge(
            Situations::make(
                composition: ['symmetryAxis' => $axis, 'symmetryBest' => $likeness],
                intent: new Intent(idea: $idea),
            ),
        );
    }
}
