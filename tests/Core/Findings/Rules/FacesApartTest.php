<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FacesApart;

final class FacesApartTest extends TestCase
{
    public function test_two_who_look_away_from_each_other_are_asked_about(): void
    {
        $this->assertNotNull($this->judge(-0.3, 0.3));
        $this->assertNotNull($this->judge(-0.21, 0.21));
        $this->assertNull($this->judge(-0.19, 0.3), 'one looks at the camera');
        $this->assertNull($this->judge(0.3, -0.3), 'they look at each other');
        $this->assertNull($this->judge(-0.3, -0.3), 'both look one way');
        $this->assertNull($this->judge(-0.3, 0.3, 0.0), 'a third changes it');
    }

    private function judge(float $left, float $right, ?float $third = null): ?Finding
    {
        // The larger one comes first, whichever side it is on.
        $faces = [SeenPeople::face(x: 0.6, size: 0.25, turn: $right), SeenPeople::face(x: 0.1, turn: $left)];
        $faces = $third === null ? $faces : [...$faces, SeenPeople::face(x: 0.35, turn: $third)];

        return (new FacesApart())->judge(Situations::make(people: SeenPeople::faces($faces)));
    }
}
