<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\TooShortToShow;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;

final class TooShortToShowTest extends TestCase
{
    public function test_a_streak_of_three_hundredths_of_the_width(): void
    {
        // 1.08 mm at 1.4 m/s × 50/4950: 1/13 s.
        $finding = (new TooShortToShow())->judge(
            Situations::make(
                t: 1 / 250,
                intent: new Intent(
                    distances: new IntendedDistances(subject: 5),
                    movement: new Movement(MovementLook::Streak, 1.4),
                ),
            ),
        );

        $this->assertEqualsWithDelta((0.03 * 36) / ((1400 * 50) / 4950), $finding?->evidence[0]->limit, 1e-9);
        $this->assertSame(Support::Tripod, $finding->suggestion?->support);
        $this->assertEqualsWithDelta(4 + 1 / 3, $finding->suggestion->exposure->filterStops, 1e-6);
    }

    public function test_long_enough(): void
    {
        $this->assertNull(
            (new TooShortToShow())->judge(
                Situations::make(
                    t: 1 / 10,
                    intent: new Intent(
                        distances: new IntendedDistances(subject: 5),
                        movement: new Movement(MovementLook::Streak, 1.4),
                    ),
                ),
            ),
        );
    }
}
