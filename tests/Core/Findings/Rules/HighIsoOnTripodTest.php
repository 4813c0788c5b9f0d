<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\HighIsoOnTripod;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Support;

final class HighIsoOnTripodTest extends TestCase
{
    public function test_a_still_subject_gives_all_the_time_there_is(): void
    {
        $finding = (new HighIsoOnTripod())->judge(Situations::make(t: 1, iso: 1600, support: Support::Tripod));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(4.0, $finding->evidence[0]->value, 1e-9);
        $this->assertSame('ƒ/5.6, 15 s, ISO 100', (string) $finding->suggestion?->exposure->settings);
    }

    public function test_stars_leave_only_what_they_allow(): void
    {
        // 500/50 is 10 s, against 4 s: 1.32 stops.
        $finding = (new HighIsoOnTripod())->judge(
            Situations::make(
                t: 4,
                iso: 3200,
                support: Support::Tripod,
                intent: new Intent(contents: new IntendedContents(stars: true)),
            ),
        );

        $this->assertEqualsWithDelta(log(10 / 4, 2), $finding?->evidence[0]->value, 1e-9);
    }

    public function test_hands_and_low_iso_are_not_its_business(): void
    {
        $this->assertNull((new HighIsoOnTripod())->judge(Situations::make(t: 1, iso: 1600, support: Support::Hand)));
        $this->assertNull((new HighIsoOnTripod())->judge(Situations::make(t: 1, iso: 100, support: Support::Tripod)));
    }
}
