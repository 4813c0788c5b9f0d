<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use Closure;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Situation\Situation;

/** What a rule says a hair inside its limit and a hair beyond it. */
trait JudgesLimits
{
    /** @param  Closure(float): Situation  $of */
    private function assertBeginsToSpeak(FindingRule $rule, Closure $of, float $silent, float $speaking): void
    {
        $this->assertNull($rule->judge($of($silent)), "silent at $silent");
        $this->assertInstanceOf(Finding::class, $rule->judge($of($speaking)), "speaks at $speaking");
    }

    /** @param  Closure(float): Situation  $of */
    private function assertChangesWeight(
        FindingRule $rule,
        Closure $of,
        float $before,
        Severity $then,
        float $after,
        Severity $now,
    ): void {
        $this->assertSame($then, $rule->judge($of($before))?->severity, "at $before");
        $this->assertSame($now, $rule->judge($of($after))?->severity, "at $after");
    }
}
