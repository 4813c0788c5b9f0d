<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\UncomfortableNoise;
use TruePupil\Core\Findings\Severity;

final class UncomfortableNoiseTest extends TestCase
{
    public function test_beyond_what_the_owner_minds(): void
    {
        $finding = (new UncomfortableNoise())->judge(Situations::make(iso: 12800, t: 1 / 50, kit: Situations::kit()));

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertEqualsWithDelta(-2.0, $finding->evidence[0]->margin, 1e-9);
    }

    public function test_at_it_or_not_entered(): void
    {
        $this->assertNull((new UncomfortableNoise())->judge(Situations::make(iso: 3200, kit: Situations::kit())));
        $this->assertNull(
            (new UncomfortableNoise())->judge(
                Situations::make(iso: 12800, kit: Situations::kit(['comfortableIso' => null])),
            ),
        );
    }
}
