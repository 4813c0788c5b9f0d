<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SilkMissed;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;

final class SilkMissedTest extends TestCase
{
    public function test_an_eighth_at_iso_200_wants_four_stops_of_filter_for_a_second_at_base(): void
    {
        $finding = $this->judge(1 / 8, 200);

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertSame('ƒ/5.6, 1 s, ISO 100', (string) $finding->suggestion?->exposure->settings);
        // Three stops of time, one of them paid by ISO.
        $this->assertEqualsWithDelta(2.0, $finding->suggestion->exposure->filterStops, 1e-9);
    }

    public function test_frozen_water_is_a_fault_and_silk_is_none(): void
    {
        $this->assertSame(Severity::Fault, $this->judge(1 / 1000)?->severity);
        $this->assertNull($this->judge(0.5));
        $this->assertNull($this->judge(2));
    }

    public function test_longer_than_silk_is_mist_and_a_choice(): void
    {
        $this->assertSame(Severity::Choice, $this->judge(8)?->severity);
    }

    private function judge(float $time, float $iso = 100): ?Finding
    {
        return (new SilkMissed())->judge(
            Situations::make(
                t: $time,
                iso: $iso,
                support: Support::Tripod,
                intent: new Intent(movement: new Movement(MovementLook::Silk)),
            ),
        );
    }
}
