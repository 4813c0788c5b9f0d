<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LineAtEdge;

final class LineAtEdgeTest extends TestCase
{
    public function test_a_second_frame(): void
    {
        $this->assertStringContainsString('bottom edge', (string) $this->judge(0.985, 0.8, false)?->sentence);
        $this->assertStringContainsString('left edge', (string) $this->judge(0.02, 0.8, true)?->sentence);
    }

    public function test_with_room_or_too_short(): void
    {
        $this->assertNull($this->judge(0.9, 0.8, false));
        $this->assertNull($this->judge(0.985, 0.2, false));
    }

    private function judge(float $at, float $length, bool $upright): ?Finding
    {
        return (new LineAtEdge())->judge(
            Situations::make(
                composition: ['lines' => [['angle' => 0.0, 'at' => $at, 'length' => $length, 'upright' => $upright]]],
            ),
        );
    }
}
