<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SingleFocusOnMovement;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\FocusMode;

final class SingleFocusOnMovementTest extends TestCase
{
    public function test_towards_the_camera_with_focus_that_stays(): void
    {
        $finding = $this->judge(FocusMode::Single, 90);

        $this->assertEqualsWithDelta(1.4, $finding?->evidence[1]->value, 1e-6);
    }

    public function test_across_the_frame_or_with_continuous_focus(): void
    {
        $this->assertNull($this->judge(FocusMode::Single, 0));
        $this->assertNull($this->judge(FocusMode::Continuous, 90));
        $this->assertNull($this->judge(FocusMode::Manual, 90));
    }

    private function judge(FocusMode $mode, float $angle): ?Finding
    {
        return (new SingleFocusOnMovement())->judge(
            Situations::make(
                record: ['focusMode' => $mode],
                intent: new Intent(movement: new Movement(MovementLook::Freeze, 1.4, $angle)),
            ),
        );
    }
}
