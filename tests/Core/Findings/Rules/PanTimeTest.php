<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\PanTime;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class PanTimeTest extends TestCase
{
    public function test_too_short_and_too_long(): void
    {
        $this->assertStringContainsString('too short', (string) $this->judge(1 / 1000)?->sentence);
        $this->assertStringContainsString('longer than most people follow', (string) $this->judge(1 / 2)?->sentence);
    }

    public function test_inside_the_band(): void
    {
        // 5 m/s at 8 m, 50 mm: streaks from 1/29 s, and stays sharp enough to 1/26 s.
        $this->assertNull($this->judge(1 / 30));
    }

    private function judge(float $time): ?Finding
    {
        return (new PanTime())->judge(
            Situations::make(
                t: $time,
                intent: new Intent(
                    distances: new IntendedDistances(subject: 8),
                    movement: new Movement(MovementLook::Pan, 5),
                ),
            ),
        );
    }
}
