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

    private function judge(float $distance, float $iso = 100): ?Finding
    {
        return (new FlashOutOfRange())->judge(
            Situations::make(
                n: 5.6,
                iso: $iso,
                kit: Situations::kit(more: ['flash' => ['guideNumber' => 12]]),
                record: ['flashFired' => true],
                intent: new Intent(distances: new IntendedDistances(subject: $distance)),
            ),
        );
    }
}
