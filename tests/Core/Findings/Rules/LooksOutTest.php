<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LooksOut;
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Intent\Intent;

final class LooksOutTest extends TestCase
{
    public function test_a_face_turned_to_a_near_edge_is_asked_about(): void
    {
        $this->assertStringContainsString('turned left, where 5 %', (string) $this->judge(0.05, -0.3)?->sentence);
        $this->assertStringContainsString('turned right, where 5 %', (string) $this->judge(0.75, 0.3)?->sentence);
        $this->assertNull($this->judge(0.05, 0.3), 'it looks across the picture');
        $this->assertNull($this->judge(0.05, -0.19), 'it looks at the camera, nearly');
        $this->assertNotNull($this->judge(0.05, -0.21));
    }

    public function test_room_in_front_is_enough_from_about_a_face_on(): void
    {
        $this->assertNotNull($this->judge(0.23, -0.3));
        $this->assertNull($this->judge(0.25, -0.3));
    }

    public function test_what_was_said_of_the_look_and_company_leave_it_to_others(): void
    {
        $people = SeenPeople::faces([SeenPeople::face(x: 0.05, turn: -0.3), SeenPeople::face(x: 0.5)]);
        $said = new Intent(facing: Facing::Left);

        $this->assertNull((new LooksOut())->judge(Situations::make(people: $people)));
        $this->assertNull($this->judge(0.05, -0.3, $said));
    }

    private function judge(float $x, float $turn, Intent $intent = new Intent()): ?Finding
    {
        $people = SeenPeople::faces([SeenPeople::face(x: $x, turn: $turn)]);

        return (new LooksOut())->judge(Situations::make(people: $people, intent: $intent));
    }
}
