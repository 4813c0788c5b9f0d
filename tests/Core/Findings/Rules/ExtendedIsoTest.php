<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\ExtendedIso;

final class ExtendedIsoTest extends TestCase
{
    public function test_above_the_native_range(): void
    {
        $this->assertEqualsWithDelta(
            -1.0,
            (new ExtendedIso())->judge(Situations::make(iso: 51200, kit: Situations::kit()))?->evidence[0]->margin,
            1e-9,
        );
    }

    public function test_inside_it_or_unknown(): void
    {
        $this->assertNull((new ExtendedIso())->judge(Situations::make(iso: 25600, kit: Situations::kit())));
        $this->assertNull(
            (new ExtendedIso())->judge(Situations::make(iso: 51200, kit: Situations::kit(['isoNativeMax' => null]))),
        );
    }
}
