<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Findings\Rules\PlanFollowed;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlannedExposure;

final class PlanFollowedTest extends TestCase
{
    public function test_done_as_planned(): void
    {
        $finding = (new PlanFollowed())->judge(
            Situations::make(
                n: 5.6,
                t: 1 / 100,
                plan: new Plan(
                    exposure: new PlannedExposure(
                        fNumber: Aperture::of(5.6),
                        exposureTime: ExposureTime::of(1 / 125),
                        mode: ExposureMode::Aperture,
                    ),
                    focalLength: 50,
                ),
            ),
        );

        $this->assertSame(Severity::Praise, $finding?->severity);
        $this->assertCount(4, $finding->evidence);
    }

    public function test_another_mode_is_another_plan(): void
    {
        $this->assertNull(
            (new PlanFollowed())->judge(
                Situations::make(
                    plan: new Plan(
                        exposure: new PlannedExposure(fNumber: Aperture::of(5.6), mode: ExposureMode::Manual),
                    ),
                ),
            ),
        );
    }
}
