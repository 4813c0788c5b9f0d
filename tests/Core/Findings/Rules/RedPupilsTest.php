<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\RedPupils;
use TruePupil\Core\Measures\FaceMeasures;

final class RedPupilsTest extends TestCase
{
    public function test_red_pupils_are_of_a_flash(): void
    {
        $judge = fn (bool $red, ?bool $fired): ?string => (new RedPupils())
            ->judge(Situations::make(
                people: SeenPeople::measured(new FaceMeasures(0.0, 0.0, 0.0, null, $red)),
                record: ['flashFired' => $fired],
            ))
            ?->sentence;

        $this->assertStringContainsString('close to the lens', (string) $judge(true, true));
        $this->assertNotNull($judge(true, null), 'the record does not say');
        $this->assertNull($judge(true, false));
        $this->assertNull($judge(false, true));
    }
}
