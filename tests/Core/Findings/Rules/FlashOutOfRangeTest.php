<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FlashOutOfRange;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class FlashOutOfRangeTest extends TestCase
{
    public function test_guide_number_twelve_at_f_5_6(): void
    {
        // 12/5.66 is 2.12 m; at 6 m it is three stops short.
        $finding = $this->judge(6.0);

        $this->assertEqualsWithDelta(12 / 5.657, $finding?->evidence[0]->limit, 0.001);
        $this->assertEqualsWithDelta(-2 * log(6 / 2.1213, 2), $finding->evidence[0]->margin, 0.001);
    }

    public function test_within_reach_or_at_a_higher_iso(): void
    {
        $this->assertNull($this->judge(2.0));
        $this->assertNull($this->judge(6.0, 800));
    }

    public function test_what_is_lit_by_another_light_is_filled_and_not_missed(): void
    {
        $this->assertNotNull($this->judge(6.0, subject: -1.05));
        $this->assertNull($this->judge(6.0, subject: -0.95));
        // Unmarked it may be fill up to a stop and a half under: 2.12 m · 2^(1.83/2) is 4.0 m.
        $this->assertNull($this->judge(3.9, subject: null));
        $this->assertNotNull($this->judge(4.1, subject: null));
    }

    public function test_high_speed_sync_shortens_the_reach(): void
    {
        // Two stops beyond 1/200 s and a stop and a half: 2^(−3.5/2) of 2.12 m.
        $flash = ['guideNumber' => 12, 'highSpeedSync' => true];
        $this->assertEqualsWithDelta(
            12 / 5.657 * 2 ** -1.75,
            $this->judge(2.0, t: 1 / 800, flash: $flash)?->evidence[0]->limit,
            0.01,
        );
        $this->assertNull($this->judge(2.0, t: 1 / 200, flash: $flash));
    }

    /** @param  array<string, mixed>  $flash */
    private function judge(
        float $distance,
        float $iso = 100,
        ?float $subject = -2.0,
        float $t = 1 / 100,
        array $flash = ['guideNumber' => 12],
    ): ?Finding {
        return (new FlashOutOfRange())->judge(
            Situations::make(
                n: 5.6,
                t: $t,
                iso: $iso,
                subject: $subject,
                kit: Situations::kit(more: ['flash' => $flash]),
                record: ['flashFired' => true],
                intent: new Intent(distances: new IntendedDistances(subject: $distance)),
            ),
        );
    }
}
