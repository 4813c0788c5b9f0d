<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LineAtHead;

final class LineAtHeadTest extends TestCase
{
    /** The head of the face reaches from 0.376 to 0.624 across and from 0.26 to 0.516 down. */
    public function test_a_long_line_through_a_head_is_asked_about_and_one_along_its_rim_is_not(): void
    {
        $this->assertStringContainsString('post', (string) $this->judge(0.5, true)?->sentence);
        $this->assertStringContainsString('Bend your knees', (string) $this->judge(0.35, false)?->sentence);
        $this->assertNull($this->judge(0.40, true));
        $this->assertNotNull($this->judge(0.41, true));
        $this->assertNull($this->judge(0.60, true));
        $this->assertNull($this->judge(0.9, true));
        $this->assertNull($this->judge(0.51, false));
    }

    public function test_lines_of_the_head_itself_are_short(): void
    {
        $this->assertNull($this->judge(0.5, true, 0.455));
        $this->assertNotNull($this->judge(0.5, true, 0.465), '1.8 times as long as the head is high');
    }

    public function test_a_slanting_line_counts_where_it_meets_the_head(): void
    {
        // The head lies a little above the middle: an upright line that leans to the right passes it further right.
        $this->assertNull($this->judge(0.4, true));
        $this->assertNotNull($this->judge(0.4, true, 0.9, 9.0));
    }

    private function judge(float $at, bool $upright, float $length = 0.9, float $angle = 0.0): ?Finding
    {
        return (new LineAtHead())->judge(Situations::make(
            composition: ['lines' => [compact('angle', 'at', 'length', 'upright')]],
            people: SeenPeople::faces([SeenPeople::face()]),
        ));
    }
}
