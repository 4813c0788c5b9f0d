<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SpotOffSubject;
use TruePupil\Core\Metering\MeteringPattern;

final class SpotOffSubjectTest extends TestCase
{
    public function test_the_spot_lay_in_the_middle_and_the_subject_did_not(): void
    {
        $finding = $this->judge(Region::of(0.75, 0.7, 0.2, 0.2));

        $this->assertEqualsWithDelta(100 * hypot(0.35, 0.3), $finding?->evidence[0]->value, 0.01);
    }

    public function test_in_the_middle_or_another_pattern(): void
    {
        $this->assertNull($this->judge(Region::of(0.4, 0.4, 0.2, 0.2)));
        $this->assertNull($this->judge(Region::of(0.75, 0.7, 0.2, 0.2), MeteringPattern::Scene));
    }

    private function judge(Region $region, MeteringPattern $pattern = MeteringPattern::Spot): ?Finding
    {
        return (new SpotOffSubject())->judge(
            Situations::make(subject: -1.5, wanted: 0.0, pattern: $pattern, region: $region),
        );
    }
}
