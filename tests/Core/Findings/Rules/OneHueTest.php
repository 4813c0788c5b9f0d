<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\OneHue;

final class OneHueTest extends TestCase
{
    public function test_nearly_all_of_one_hue(): void
    {
        $this->assertStringContainsString('azure', (string) $this->judge('azure', 0.3)?->sentence);
        $this->assertNull($this->judge('azure', 0.19));
        $this->assertNull($this->judge('azure', 0.3, 79.0), 'mixed');
    }

    public function test_skin_wood_and_lamps_are_orange_by_themselves(): void
    {
        $this->assertNull($this->judge('orange', 0.54));
        $this->assertNotNull($this->judge('orange', 0.56));
    }

    private function judge(string $hue, float $saturation, float $share = 91.0): ?Finding
    {
        return (new OneHue())->judge(Situations::make(
            colour: ['dominant' => ['hue' => $hue, 'sharePct' => $share], 'saturation' => $saturation],
        ));
    }
}
