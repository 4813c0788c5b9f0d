<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FlatLight;

final class FlatLightTest extends TestCase
{
    public function test_tones_within_a_stop(): void
    {
        $this->assertEqualsWithDelta(
            1.0,
            (new FlatLight())->judge(Situations::make(frame: Situations::tones([86 => 500_000, 118 => 500_000])))
                ?->evidence[0]->value,
            0.05,
        );
    }

    public function test_tones_far_apart(): void
    {
        $this->assertNull(
            (new FlatLight())->judge(Situations::make(frame: Situations::tones([20 => 500_000, 200 => 500_000]))),
        );
    }
}
