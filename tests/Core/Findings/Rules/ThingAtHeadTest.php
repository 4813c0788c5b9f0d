<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ThingAtHead;
use TruePupil\Core\Seen\SeenThing;

final class ThingAtHeadTest extends TestCase
{
    /** The head of the face reaches from 0.376 to 0.624 across and from 0.26 to 0.516 down. */
    public function test_a_thing_behind_that_stands_on_a_head_is_asked_about(): void
    {
        $this->assertStringContainsString('the bottle behind', (string) $this->judge(0.45, 0.1)?->sentence);
        $this->assertNull($this->judge(0.7, 0.1), 'it stands beside');
        $this->assertNull($this->judge(0.45, 0.19), 'it hardly stands out above');
        $this->assertNotNull($this->judge(0.45, 0.175));
        $this->assertNull($this->judge(0.45, 0.1, 'umbrella'), 'that is carried there');
        $this->assertNull($this->judge(0.45, 0.1, height: 0.8), 'its foot is below: it is held in front');
        $this->assertNull($this->judge(0.2, 0.1, width: 0.55), 'much wider than the head: a wall of it');
    }

    private function judge(
        float $x,
        float $y,
        string $what = 'bottle',
        float $width = 0.1,
        float $height = 0.25,
    ): ?Finding {
        $people = SeenPeople::faces(
            [SeenPeople::face()],
            false,
            new SeenThing($what, Region::of($x, $y, $width, $height)),
        );

        return (new ThingAtHead())->judge(Situations::make(people: $people));
    }
}
