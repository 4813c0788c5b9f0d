<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\OneHue;

final class OneHueTest extends TestCase
{
    public function test_nearly_all_orange(): void
    {
        $this->assertStringContainsString(
            'orange',
            (string) (new OneHue())->judge(
                Situations::make(colour: ['dominant' => ['hue' => 'orange', 'sharePct' => 91.0]]),
            )?->sentence,
        );
    }

    public function test_mixed_or_hardly_any_colour(): void
    {
        $this->assertNull(
            (new OneHue())->judge(Situations::make(colour: ['dominant' => ['hue' => 'orange', 'sharePct' => 55.0]])),
        );
        $this->assertNull(
            (new OneHue())->judge(
                Situations::make(colour: ['dominant' => ['hue' => 'orange', 'sharePct' => 91.0], 'saturation' => 0.05]),
            ),
        );
    }
}
