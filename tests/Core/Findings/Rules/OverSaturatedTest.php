<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\OverSaturated;

final class OverSaturatedTest extends TestCase
{
    public function test_a_tenth_of_the_picture(): void
    {
        $this->assertEqualsWithDelta(
            -2.5,
            (new OverSaturated())->judge(Situations::make(colour: ['overSaturatedPct' => 10.0]))?->evidence[0]->margin,
            1e-9,
        );
    }

    public function test_a_little(): void
    {
        $this->assertNull((new OverSaturated())->judge(Situations::make(colour: ['overSaturatedPct' => 2.0])));
    }
}
