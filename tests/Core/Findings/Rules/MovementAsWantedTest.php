<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\MovementAsWanted;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class MovementAsWantedTest extends TestCase
{
    public function test_frozen_streaked_and_silky(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(1 / 500, new Movement(MovementLook::Freeze, 1.4))?->severity);
        $this->assertNotNull($this->judge(1 / 8, new Movement(MovementLook::Streak, 1.4)));
        $this->assertNotNull($this->judge(1, new Movement(MovementLook::Silk)));
    }

    public function test_outside_the_band(): void
    {
        $this->assertNull($this->judge(1 / 60, new Movement(MovementLook::Freeze, 1.4)));
        $this->assertNull($this->judge(1 / 500, new Movement(MovementLook::Streak, 1.4)));
        $this->assertNull($this->judge(30, new Movement(MovementLook::Silk)));
    }

    private function judge(float $time, Movement $movement): ?Finding
    {
        return (new MovementAsWanted())->judge(
            Situations::make(
                t: $time,
                intent: new Intent(distances: new IntendedDistances(subject: 5), movement: $movement),
            ),
        );
    }
}
