<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FasterLensInKit;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class FasterLensInKitTest extends TestCase
{
    public function test_the_prime_in_the_bag(): void
    {
        $finding = $this->judge(6400, 1 / 60);

        $this->assertStringContainsString('Marlpit 50 mm', (string) $finding?->sentence);
        $this->assertEqualsWithDelta(-7 / 3, $finding->evidence[0]->margin, 0.01);
    }

    public function test_not_where_light_was_plenty_or_nothing_is_faster(): void
    {
        $this->assertNull($this->judge(200, 1 / 60));
        $this->assertNull(
            (new FasterLensInKit())->judge(Situations::make(n: 1.8, iso: 6400, t: 1 / 60, kit: Situations::kit())),
        );
    }

    public function test_not_where_it_cannot_focus_that_near(): void
    {
        $this->assertNull($this->judge(6400, 1 / 60, distance: 0.42));
    }

    private function judge(float $iso, float $time, float $distance = 2.0): ?Finding
    {
        return (new FasterLensInKit())->judge(
            Situations::make(
                n: 4,
                t: $time,
                iso: $iso,
                widest: 4,
                kit: Situations::kit(),
                record: ['name' => 'Marlpit 24–70 mm'],
                intent: new Intent(distances: new IntendedDistances(subject: $distance)),
            ),
        );
    }
}
