<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Rules\PlanNotFollowed;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlannedExposure;

final class PlanNotFollowedTest extends TestCase
{
    public function test_each_value_with_its_stops(): void
    {
        $finding = (new PlanNotFollowed())->judge(
            Situations::make(
                n: 5.6,
                t: 1 / 100,
                iso: 400,
                plan: new Plan(
                    exposure: new PlannedExposure(
                        fNumber: Aperture::of(8),
                        exposureTime: ExposureTime::of(1 / 100),
                        iso: Iso::of(100),
                    ),
                ),
            ),
        );

        $this->assertSame(
            'Not as planned: aperture ƒ/5.6 instead of ƒ/8 (1 stop brighter); ISO 400 instead of ISO 100 (2 stops '.
                'brighter). If the scene made you change your mind, say so in a word; if it just happened, try the '.
                'plan once more.',
            $finding?->sentence,
        );
        $this->assertCount(2, $finding->evidence);
    }

    public function test_a_click_away_is_kept_and_no_plan_is_no_finding(): void
    {
        $this->assertNull(
            (new PlanNotFollowed())->judge(
                Situations::make(
                    t: 1 / 100,
                    plan: new Plan(exposure: new PlannedExposure(exposureTime: ExposureTime::of(1 / 125))),
                ),
            ),
        );
        $this->assertNull((new PlanNotFollowed())->judge(Situations::make()));
        $this->assertNull((new PlanNotFollowed())->judge(Situations::make(plan: new Plan())));
    }
}
