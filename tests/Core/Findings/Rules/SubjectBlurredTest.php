<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SubjectBlurred;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class SubjectBlurredTest extends TestCase
{
    public function test_a_walker_to_be_frozen_needs_a_471st(): void
    {
        $finding = $this->judge(1 / 60);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-log(471.4 / 64, 2), $finding->evidence[0]->margin, 0.01);
        $this->assertSame(1 / 500, $finding->suggestion?->exposure->settings->time->nominal());
        $this->assertSame(800.0, $finding->suggestion->exposure->settings->iso->nominal());
    }

    public function test_sharp_enough_is_two_stops_easier(): void
    {
        $this->assertNull($this->judge(1 / 125, MovementLook::Acceptable));
        $this->assertNotNull($this->judge(1 / 60, MovementLook::Acceptable));
        $this->assertNull($this->judge(1 / 60, MovementLook::Streak));
    }

    public function test_without_a_speed_the_times_of_common_practice(): void
    {
        $this->assertStringContainsString(
            '1/500 s',
            (string) (new SubjectBlurred())->judge(
                Situations::make(t: 1 / 60, intent: new Intent(movement: new Movement(MovementLook::Freeze))),
            )?->sentence,
        );
    }

    private function judge(float $time, MovementLook $want = MovementLook::Freeze): ?Finding
    {
        return (new SubjectBlurred())->judge(
            Situations::make(
                t: $time,
                kit: Situations::kit(),
                intent: new Intent(distances: new IntendedDistances(subject: 5), movement: new Movement($want, 1.4)),
            ),
        );
    }
}
