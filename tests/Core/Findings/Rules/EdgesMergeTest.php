<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\EdgesMerge;
use TruePupil\Core\Findings\Severity;

final class EdgesMergeTest extends TestCase
{
    public function test_a_line_along_the_side_that_goes_on(): void
    {
        // The mark lies at 0.4 to 0.6 across and 0.3 to 0.7 downwards.
        $found = $this->judge(0.602, 0.0, 0.604, 0.62);
        $this->assertSame(Severity::Choice, $found?->severity);
        $this->assertStringContainsString('right side', $found->sentence);
        $this->assertStringContainsString('along the top', (string) $this->judge(0.0, 0.3, 0.55, 0.302)?->sentence);
    }

    public function test_the_subjects_own_edge_and_a_line_further_off(): void
    {
        $this->assertNull($this->judge(0.602, 0.3, 0.602, 0.7));
        $this->assertNull($this->judge(0.64, 0.0, 0.64, 0.62));
        $this->assertNull($this->judge(0.602, 0.0, 0.602, 0.32), 'it only just touches');
    }

    private function judge(float $x1, float $y1, float $x2, float $y2): ?\TruePupil\Core\Findings\Finding
    {
        return (new EdgesMerge())->judge(
            Situations::make(
                composition: ['segments' => [['x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2, 'length' => 0.4]]],
            ),
        );
    }
}
