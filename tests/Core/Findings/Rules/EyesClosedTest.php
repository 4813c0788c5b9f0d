<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\EyesClosed;

final class EyesClosedTest extends TestCase
{
    public function test_shut_eyes_are_asked_about_and_open_or_turned_ones_are_not(): void
    {
        $this->assertStringStartsWith('Are the eyes closed?', (string) $this->judge([0.05, 0.11])?->sentence);
        $this->assertNull($this->judge([0.05, 0.13]), 'one of them is open: a wink, or an eye in the hair');
        $this->assertNull($this->judge([0.05, 0.05], turn: 0.21), 'of a turned face the lids are not known');
        $this->assertNotNull($this->judge([0.05, 0.05], turn: 0.19));
        $this->assertNull($this->judge([0.05, 0.05], size: 0.079), 'too small');
        $this->assertNotNull($this->judge([0.05, 0.05], size: 0.081));
        $this->assertNull((new EyesClosed())->judge(Situations::make()), 'nobody was looked for');
    }

    public function test_of_a_group_it_says_how_many_and_a_person_s_word_makes_it_surer(): void
    {
        $faces = [SeenPeople::face(lids: [0.05, 0.05]), SeenPeople::face(x: 0.7)];
        $asked = (new EyesClosed())->judge(Situations::make(people: SeenPeople::faces($faces)));
        $said = (new EyesClosed())->judge(Situations::make(people: SeenPeople::faces($faces, true)));

        $this->assertStringStartsWith('Has one of the 2 faces its eyes closed?', (string) $asked?->sentence);
        $this->assertEqualsWithDelta(0.6, $asked?->confidence, 1e-9);
        $this->assertEqualsWithDelta(0.8, $said?->confidence, 1e-9);
    }

    /** @param  array{float, float}  $lids */
    private function judge(array $lids, float $turn = 0.0, float $size = 0.2): ?Finding
    {
        $face = SeenPeople::face(size: $size, turn: $turn, lids: $lids);

        return (new EyesClosed())->judge(Situations::make(people: SeenPeople::faces([$face])));
    }
}
