<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\LowestIso;
use TruePupil\Core\Findings\Rules\BelowBaseIso;
use TruePupil\Core\Findings\Severity;

final class BelowBaseIsoTest extends TestCase
{
    public function test_a_stop_below_base_loses_a_stop(): void
    {
        $finding = (new BelowBaseIso())->judge(Situations::make(iso: 50, kit: Situations::kit()));

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertEqualsWithDelta(1.0, $finding->evidence[0]->value, 1e-9);
        $this->assertSame(100.0, $finding->suggestion?->exposure->settings->iso->nominal());
        $this->assertSame(1 / 200, $finding->suggestion->exposure->settings->time->nominal());
    }

    public function test_the_approach_decides_how_much_it_weighs(): void
    {
        $lowest = new Approach(light: new ApproachToLight(lowestIso: LowestIso::LowestNumber));

        $this->assertSame(
            Severity::Choice,
            (new BelowBaseIso())->judge(Situations::make(iso: 50, kit: Situations::kit(), approach: $lowest))
                ?->severity,
        );
    }

    public function test_base_itself_is_fine_and_film_has_no_base(): void
    {
        $this->assertNull((new BelowBaseIso())->judge(Situations::make(iso: 100, kit: Situations::kit())));
        $this->assertNull(
            (new BelowBaseIso())->judge(
                Situations::make(iso: 50, kit: Situations::kit(more: ['film' => ['boxSpeed' => 50]])),
            ),
        );
    }
}
