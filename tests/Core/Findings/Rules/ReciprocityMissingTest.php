<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ReciprocityMissing;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlannedExposure;

final class ReciprocityMissingTest extends TestCase
{
    public function test_ten_seconds_metered_want_twenty(): void
    {
        $finding = $this->judge(10, 10);

        $this->assertEqualsWithDelta(10.08 ** 1.3, $finding?->evidence[0]->limit, 0.4);
        $this->assertSame(Severity::Fault, $finding->severity);
    }

    public function test_corrected_short_or_digital(): void
    {
        $this->assertNull($this->judge(20, 10));
        $this->assertNull($this->judge(1, 1));
        $this->assertNull(
            (new ReciprocityMissing())->judge(
                Situations::make(
                    t: 10,
                    kit: Situations::kit(),
                    plan: new Plan(exposure: new PlannedExposure(exposureTime: ExposureTime::of(10))),
                ),
            ),
        );
    }

    private function judge(float $taken, float $metered): ?Finding
    {
        return (new ReciprocityMissing())->judge(
            Situations::make(
                t: $taken,
                kit: Situations::kit(more: ['film' => ['boxSpeed' => 100]]),
                plan: new Plan(exposure: new PlannedExposure(exposureTime: ExposureTime::of($metered))),
            ),
        );
    }
}
