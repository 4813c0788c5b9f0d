<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Situation\Situation;

/** What a rule says a hair inside its limit and a hair beyond it; a test has limitsOfWeight() of its own. */
trait JudgesLimits
{
    /** @param  Closure(float): Situation  $of */
    private function assertBeginsToSpeak(FindingRule $rule, Closure $of, float $silent, float $speaking): void
    {
        $this->assertNull($rule->judge($of($silent)), "silent at $silent");
        $this->assertInstanceOf(Finding::class, $rule->judge($of($speaking)), "speaks at $speaking");
    }

    /** @param  Closure(float): Situation  $of */
    #[DataProvider('limitsOfWeight')]
    public function test_a_finding_changes_its_weight_at_its_limit(
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
