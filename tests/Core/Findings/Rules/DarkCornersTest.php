<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\DarkCorners;

final class DarkCornersTest extends TestCase
{
    public function test_two_stops_at_the_widest_aperture(): void
    {
        $this->assertStringContainsString(
            'At its widest',
            (string) (new DarkCorners())->judge(Situations::make(n: 1.8, colour: ['cornerStops' => -2.0]))?->sentence,
        );
        $this->assertStringContainsString(
            'hood',
            (string) (new DarkCorners())->judge(Situations::make(n: 8, colour: ['cornerStops' => -2.0]))?->sentence,
        );
    }

    public function test_even(): void
    {
        $this->assertNull((new DarkCorners())->judge(Situations::make(colour: ['cornerStops' => -0.6])));
    }
}
