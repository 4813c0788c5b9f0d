<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\AxisMissed;
use TruePupil\Core\Findings\Severity;

final class AxisMissedTest extends TestCase
{
    public function test_kept_beside_and_unlike(): void
    {
        $judge = fn (float $score, float $off, float $best) => (new AxisMissed())->judge(
            Situations::make(marks: ['axis' => ['score' => $score, 'offPct' => $off, 'best' => $best]]),
        );

        $this->assertSame(Severity::Praise, $judge(0.95, 0.4, 0.96)?->severity);
        $this->assertStringContainsString('3.5 % of the width beside', (string) $judge(0.5, 3.5, 0.93)?->sentence);
        $this->assertStringContainsString('alike to 0.30 only', (string) $judge(0.3, 1.0, 0.35)?->sentence);
        $this->assertNull((new AxisMissed())->judge(Situations::make()));
    }
}
