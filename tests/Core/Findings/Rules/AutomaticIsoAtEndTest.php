<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\AutomaticIsoAtEnd;
use TruePupil\Core\Findings\Severity;

final class AutomaticIsoAtEndTest extends TestCase
{
    public function test_the_ceiling_with_a_time_that_hands_do_not_hold(): void
    {
        $finding = $this->judge(6400, 1 / 10);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('ceiling', $finding->sentence);
        $this->assertSame(Severity::Choice, $this->judge(6400, 1 / 100)?->severity);
    }

    public function test_the_floor_with_light_left_over(): void
    {
        $this->assertStringContainsString('floor', (string) $this->judge(200, 1 / 8000, subject: 1.0)?->sentence);
        $this->assertNull($this->judge(200, 1 / 100));
    }

    public function test_inside_the_range_or_set_by_hand(): void
    {
        $this->assertNull($this->judge(3200, 1 / 10));
        $this->assertNull($this->judge(6400, 1 / 10, automatic: false));
    }

    private function judge(float $iso, float $time, float $subject = 0.0, bool $automatic = true): ?Finding
    {
        return (new AutomaticIsoAtEnd())->judge(
            Situations::make(
                t: $time,
                iso: $iso,
                subject: $subject,
                wanted: 0.0,
                kit: Situations::kit(more: ['autoIso' => ['floor' => 200, 'ceiling' => 6400]]),
                record: ['isoAutomatic' => $automatic],
            ),
        );
    }
}
