<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\CutAtJoint;

final class CutAtJointTest extends TestCase
{
    public function test_an_edge_at_a_joint_is_told_with_the_joint(): void
    {
        $this->assertStringContainsString(
            'at an ankle',
            (string) $this->judge(['leftAnkle' => [0.5, 0.98]])?->sentence,
        );
        $this->assertNull($this->judge(['leftAnkle' => [0.5, 0.97]]), 'there is room for the foot');
        $nearest = $this->judge(['leftKnee' => [0.4, 0.98], 'rightKnee' => [0.6, 0.99], 'leftElbow' => [0.45, 0.5]]);
        $this->assertStringContainsString('at a knee', (string) $nearest?->sentence);
        $this->assertEqualsWithDelta(1.0, $nearest?->evidence[0]->value, 1e-6);
    }

    public function test_sides_count_where_somebody_reaches_them(): void
    {
        $atSide = Region::of(0.0, 0.2, 0.4, 0.6);
        $this->assertStringContainsString(
            'at a wrist',
            (string) $this->judge(['rightWrist' => [0.01, 0.5]], $atSide)?->sentence,
        );
        $this->assertNull($this->judge(['rightWrist' => [0.01, 0.5]], Region::of(0.03, 0.2, 0.4, 0.6)));
        $this->assertNull($this->judge(['leftAnkle' => [0.5, 0.98]], Region::of(0.4, 0.76, 0.1, 0.24)), 'too small');
        $this->assertNull((new CutAtJoint())->judge(Situations::make()));
    }

    /** @param  array<string, array{float, float}>  $joints */
    private function judge(array $joints, ?Region $box = null): ?Finding
    {
        $people = SeenPeople::body($box ?? Region::of(0.3, 0.1, 0.4, 0.9), $joints);

        return (new CutAtJoint())->judge(Situations::make(people: $people));
    }
}
