<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FarEyeSharper;
use TruePupil\Core\Measures\FaceMeasures;

final class FarEyeSharperTest extends TestCase
{
    public function test_a_focus_behind_the_nearer_eye_is_asked_about(): void
    {
        $judge = fn (?float $ratio, float $turn): ?string => (new FarEyeSharper())
            ->judge(Situations::make(people: SeenPeople::measured(new FaceMeasures(0.0, 0.0, 0.0, $ratio), $turn)))
            ?->sentence;

        $this->assertStringContainsString('nearer eye is looked at first', (string) $judge(0.69, 0.3));
        $this->assertNull($judge(0.71, 0.3));
        $this->assertNull($judge(0.5, 0.1), 'both are as far away');
        $this->assertNull($judge(null, 0.3), 'they could not be told apart');
    }
}
