<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
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

    public function test_a_shape_says_where_it_is_cut_and_a_tip_alone_cuts_nothing(): void
    {
        // Ten cells high at the right edge of the frame; the rectangle was drawn a little short of it.
        $at = fn (int $touching, float $width = 0.19): ?Finding => (new SubjectAtEdge())->judge(Situations::make(
            region: Region::of(0.8, 0.3, $width, 0.4),
            shape: new SubjectShape(
                Region::of(0.6, 0.3, 0.4, 0.4),
                2,
                20,
                str_repeat('11', $touching).str_repeat('10', 20 - $touching),
            ),
        ));

        $this->assertSame(Severity::Weakness, $at(2)?->severity);
        $this->assertSame(Severity::Choice, $at(1)?->severity, 'near the edge, and not cut by it');
        $this->assertNull($at(1, 0.2), 'a tip at the edge');
    }

    public function test_a_tip_at_one_edge_does_not_hide_a_cut_at_another(): void
    {
        $finding = (new SubjectAtEdge())->judge(Situations::make(
            region: Region::of(0.0, 0.3, 0.3, 0.7),
            // A tip at the left edge, and the whole width at the bottom.
            shape: new SubjectShape(
                Region::of(0.0, 0.3, 0.3, 0.7),
                3,
                20,
                '111'.str_repeat('011', 18).'011',
            ),
        ));

        $this->assertStringContainsString('cut off by the bottom edge', (string) $finding?->sentence);
    }

    private function judge(float $x, float $y, float $width, float $height): ?Finding
    {
        return (new SubjectAtEdge())->judge(Situations::make(region: Region::of($x, $y, $width, $height)));
    }
}
