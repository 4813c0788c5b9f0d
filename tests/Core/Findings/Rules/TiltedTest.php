<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\Tilted;
use TruePupil\Core\Findings\Severity;

final class TiltedTest extends TestCase
{
    public function test_a_leaning_horizon_and_what_straightening_costs(): void
    {
        $finding = $this->judge(-2.4);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('2.4° anticlockwise', $finding->sentence);
        $this->assertEqualsWithDelta(
            100 * (1 - (1 / (cos(deg2rad(2.4)) + 1.5 * sin(deg2rad(2.4)))) ** 2),
            $finding->evidence[1]->value,
            0.01,
        );
        $this->assertSame(Severity::Weakness, $this->judge(1.0)?->severity);
    }

    public function test_level_meant_or_unknown(): void
    {
        $this->assertNull($this->judge(0.4));
        $this->assertNull($this->judge(9.5));
        $this->assertNull($this->judge(null));
    }

    private function judge(?float $tilt): ?Finding
    {
        return (new Tilted())->judge(Situations::make(composition: ['tiltDeg' => $tilt]));
    }
}
