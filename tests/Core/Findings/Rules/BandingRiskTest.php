<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\BandingRisk;

final class BandingRiskTest extends TestCase
{
    public function test_every_fourth_tone_is_missing_and_there_is_a_sky(): void
    {
        $this->assertEqualsWithDelta(25.0, $this->judge(4, 'bright')?->evidence[0]->value, 1.0);
    }

    public function test_no_gaps_or_nothing_smooth(): void
    {
        $this->assertNull($this->judge(1000, 'bright'));
        $this->assertNull($this->judge(4, 'dark'));
    }

    private function judge(int $every, string $kind): ?Finding
    {
        $counts = array_filter(
            array_fill(20, 200, 1000),
            fn (int $code): bool => $code % $every !== 0,
            ARRAY_FILTER_USE_KEY,
        );

        return (new BandingRisk())->judge(
            Situations::make(
                frame: Situations::tones($counts),
                composition: ['plain' => [['kind' => $kind, 'sharePct' => 40.0, 'side' => 'top']]],
            ),
        );
    }
}
