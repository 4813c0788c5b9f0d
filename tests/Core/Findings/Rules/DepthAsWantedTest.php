<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\DepthAsWanted;
use TruePupil\Core\Findings\Rules\DepthTooShallow;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class DepthAsWantedTest extends TestCase
{
    public function test_held(): void
    {
        $this->assertSame(
            Severity::Praise,
            (new DepthAsWanted())->judge(
                Situations::make(
                    n: 8,
                    intent: new Intent(distances: new IntendedDistances(subject: 3, near: 2.5, far: 4)),
                ),
            )?->severity,
        );
    }

    public function test_not_held(): void
    {
        $this->assertNull(
            (new DepthAsWanted())->judge(
                Situations::make(
                    n: 2.8,
                    intent: new Intent(distances: new IntendedDistances(subject: 3, near: 2.5, far: 4)),
                ),
            ),
        );
        $this->assertNull(
            (new DepthAsWanted())->judge(
                Situations::make(
                    n: 8,
                    intent: new Intent(distances: new IntendedDistances(subject: 3, near: 2.5, far: INF)),
                ),
            ),
        );
    }

    public function test_never_together_with_the_finding_that_it_is_too_shallow(): void
    {
        foreach ([2.8, 4, 5.6, 8, 11] as $n) {
            $situation = Situations::make(
                n: $n,
                intent: new Intent(distances: new IntendedDistances(subject: 3, near: 2.5, far: 4)),
            );
            $this->assertFalse(
                (new DepthAsWanted())->judge($situation) !== null &&
                    (new DepthTooShallow())->judge($situation) !== null,
            );
        }
    }
}
