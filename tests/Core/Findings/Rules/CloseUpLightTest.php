<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\CloseUpLight;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class CloseUpLightTest extends TestCase
{
    public function test_half_life_size(): void
    {
        // 100 mm at 0.3 m: m = 0.5, f/8 works like f/12, 1.17 stops.
        $finding = (new CloseUpLight())->judge(
            Situations::make(
                n: 8,
                focalLength: 100,
                intent: new Intent(distances: new IntendedDistances(subject: 0.3)),
            ),
        );

        $this->assertEqualsWithDelta(0.5, $finding?->evidence[0]->value, 1e-9);
        $this->assertEqualsWithDelta(-1.17, $finding->evidence[1]->margin, 0.01);
    }

    public function test_ordinary_distances(): void
    {
        $this->assertNull(
            (new CloseUpLight())->judge(
                Situations::make(n: 8, intent: new Intent(distances: new IntendedDistances(subject: 2))),
            ),
        );
    }
}
