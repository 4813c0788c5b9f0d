<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BaseIsoKept;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class BaseIsoKeptTest extends TestCase
{
    public function test_base_iso_at_a_time_that_hands_hold(): void
    {
        $this->assertSame(
            Severity::Praise,
            (new BaseIsoKept())->judge(Situations::make(t: 1 / 100, iso: 100))?->severity,
        );
    }

    public function test_not_where_hands_shake_or_iso_is_higher(): void
    {
        $this->assertNull((new BaseIsoKept())->judge(Situations::make(t: 1 / 10, iso: 100)));
        $this->assertNull((new BaseIsoKept())->judge(Situations::make(t: 1 / 100, iso: 200)));
    }

    public function test_not_where_movement_blurs(): void
    {
        $walking = new Intent(
            distances: new IntendedDistances(subject: 5),
            movement: new Movement(MovementLook::Freeze, 1.4),
        );

        $this->assertNull((new BaseIsoKept())->judge(Situations::make(t: 1 / 100, iso: 100, intent: $walking)));
    }
}
