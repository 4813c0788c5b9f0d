<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\CompetingAttention;

final class CompetingAttentionTest extends TestCase
{
    public function test_something_else_as_strong_as_the_subject(): void
    {
        $finding = $this->judge([['x' => 0.5, 'y' => 0.5, 'weight' => 1.0], ['x' => 0.9, 'y' => 0.2, 'weight' => 0.9]]);

        $this->assertStringContainsString('upper right', (string) $finding?->sentence);
    }

    public function test_weaker_or_within_the_subject(): void
    {
        $this->assertNull(
            $this->judge([['x' => 0.5, 'y' => 0.5, 'weight' => 1.0], ['x' => 0.9, 'y' => 0.2, 'weight' => 0.5]]),
        );
        $this->assertNull(
            $this->judge([['x' => 0.45, 'y' => 0.4, 'weight' => 1.0], ['x' => 0.55, 'y' => 0.6, 'weight' => 0.95]]),
        );
        $this->assertNull($this->judge([]));
    }

    public function test_what_lies_beside_the_subject_belongs_to_it(): void
    {
        // The subject ends at 0.6 of the width.
        $rival = fn (float $x): array => [
            ['x' => 0.5, 'y' => 0.5, 'weight' => 1.0],
            ['x' => $x, 'y' => 0.5, 'weight' => 0.9],
        ];

        $this->assertNull($this->judge($rival(0.74)));
        $this->assertNotNull($this->judge($rival(0.76)));
    }

    public function test_a_subject_that_holds_the_picture_has_no_rival(): void
    {
        $peaks = [['x' => 0.5, 'y' => 0.5, 'weight' => 1.0], ['x' => 0.9, 'y' => 0.2, 'weight' => 0.9]];

        $this->assertNotNull($this->judge($peaks, 0.34));
        $this->assertNull($this->judge($peaks, 0.36));
    }

    /** @param  list<array{x: float, y: float, weight: float}>  $peaks */
    private function judge(array $peaks, float $held = 0.2): ?Finding
    {
        return (new CompetingAttention())->judge(
            Situations::make(composition: ['attention' => $peaks, 'subjectAttention' => $held]),
        );
    }
}
