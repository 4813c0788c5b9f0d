<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SubjectAtEdge;
use TruePupil\Core\Findings\Severity;

final class SubjectAtEdgeTest extends TestCase
{
    public function test_cut_by_the_edge_or_too_near_it(): void
    {
        $this->assertSame(Severity::Weakness, $this->judge(0.0, 0.3, 0.2, 0.4)?->severity);
        $this->assertSame(Severity::Choice, $this->judge(0.785, 0.3, 0.2, 0.4)?->severity);
        $this->assertStringContainsString('right edge', $this->judge(0.785, 0.3, 0.2, 0.4)->sentence);
    }

    public function test_clear_of_it_or_filling_the_frame(): void
    {
        $this->assertNull($this->judge(0.3, 0.3, 0.2, 0.4));
        $this->assertNull($this->judge(0.0, 0.0, 1.0, 0.9));
    }

    private function judge(float $x, float $y, float $width, float $height): ?Finding
    {
        return (new SubjectAtEdge())->judge(Situations::make(region: Region::of($x, $y, $width, $height)));
    }
}
