<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\TwoColoursOnFace;
use TruePupil\Core\Measures\FaceMeasures;

final class TwoColoursOnFaceTest extends TestCase
{
    public function test_two_colours_of_light_are_asked_about(): void
    {
        $judge = fn (float $between): ?string => (new TwoColoursOnFace())
            ->judge(Situations::make(people: SeenPeople::measured(new FaceMeasures(0.0, 0.0, $between))))
            ?->sentence;

        $this->assertStringContainsString('daylight on the other', (string) $judge(1.25));
        $this->assertNull($judge(1.15));
        $this->assertNull((new TwoColoursOnFace())->judge(Situations::make()));
    }
}
