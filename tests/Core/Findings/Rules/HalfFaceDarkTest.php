<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\HalfFaceDark;
use TruePupil\Core\Measures\FaceMeasures;

final class HalfFaceDarkTest extends TestCase
{
    public function test_deep_shade_on_half_a_face_is_asked_about(): void
    {
        $judge = fn (float $between): ?string => (new HalfFaceDark())
            ->judge(Situations::make(people: SeenPeople::measured(new FaceMeasures(0.0, $between, 0.0))))
            ?->sentence;

        $this->assertStringContainsString('3 stops darker', (string) $judge(3.05));
        $this->assertNull($judge(2.95));
        $this->assertNull((new HalfFaceDark())->judge(Situations::make()));
    }
}
