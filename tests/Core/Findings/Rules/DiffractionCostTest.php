<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\LandscapeAperture;
use TruePupil\Core\Findings\Rules\DiffractionCost;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class DiffractionCostTest extends TestCase
{
    public function test_beyond_the_print_limit(): void
    {
        // Full frame: f/22.4.
        $finding = (new DiffractionCost())->judge(Situations::make(n: 32));

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertEqualsWithDelta(22.36, $finding->evidence[0]->limit, 0.05);
    }

    public function test_depth_that_asked_for_it_is_a_fair_price(): void
    {
        $this->assertSame(
            Severity::Choice,
            (new DiffractionCost())->judge(
                Situations::make(
                    n: 32,
                    intent: new Intent(distances: new IntendedDistances(subject: 1, near: 0.8, far: 2)),
                ),
            )?->severity,
        );
    }

    public function test_only_in_single_pixels(): void
    {
        // Pitch 6 µm: f/11.2; a stop beyond is f/16.
        $this->assertSame(
            Severity::Choice,
            (new DiffractionCost())->judge(Situations::make(n: 16, kit: Situations::kit()))?->severity,
        );
        $this->assertNull((new DiffractionCost())->judge(Situations::make(n: 11, kit: Situations::kit())));
    }

    public function test_an_approach_of_small_apertures_takes_it_as_a_choice(): void
    {
        $finding = (new DiffractionCost())->judge(
            Situations::make(
                n: 32,
                approach: new Approach(picture: new ApproachToPicture(landscapeAperture: LandscapeAperture::Small)),
            ),
        );

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('middle apertures', (string) $finding->otherView);
    }
}
