<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Plan\PlanDifference;
use TruePupil\Core\Plan\PlanFormat;
use TruePupil\Core\Plan\PlannedExposure;
use TruePupil\Core\Retake\SameExposure;

final class PlanTest extends TestCase
{
    public function test_a_suggestion_reads_as_a_plan(): void
    {
        $suggestion =
            SameExposure::with(
                Situations::make(n: 8, t: 1 / 60, iso: 400, kit: Situations::kit()),
                'frozen',
                time: ExposureTime::of(1 / 250),
            )?->toArray() ?? [];
        $plan = PlanFormat::read(Fields::of($suggestion));

        $this->assertSame('ƒ/8, 1/250 s, ISO 1600', (string) $plan->settings());
        $this->assertSame(50.0, $plan->focalLength);
    }

    public function test_settings_may_stand_apart_and_iso_may_be_automatic(): void
    {
        $plan = PlanFormat::read(
            Fields::parse(
                '{"sceneEv100": 9, "shadowEv100": 6.5, "support": "tripod", "intent": {"subject": 3, "far": '.
                    '"infinity"}, "settings": {"fNumber": 8, "iso": "auto"}}',
            ),
        );

        $this->assertSame(
            [8.0, null, 9.0, 6.5, Support::Tripod, INF],
            [
                $plan->exposure->fNumber?->nominal(),
                $plan->exposure->iso,
                $plan->readings->light?->value,
                $plan->readings->shadow?->value,
                $plan->support,
                $plan->intent->distances->far,
            ],
        );
        $this->assertNull($plan->settings());
    }

    public function test_nonsense_is_named(): void
    {
        $this->expectExceptionMessage('"settings.fNumber" must be greater than zero; got -8');
        PlanFormat::read(Fields::parse('{"settings": {"fNumber": -8}}'));
    }

    public function test_only_what_was_planned_and_recorded_is_compared(): void
    {
        $record = Situations::make(n: 8, t: 1 / 60, iso: 400)->record;

        $this->assertNull(PlanComparison::of(null, $record));
        $this->assertNull(
            PlanComparison::of(
                new Plan(exposure: new PlannedExposure(iso: Iso::of(100))),
                Parts::changed($record, iso: null),
            ),
        );
        $compared = PlanComparison::of(
            new Plan(
                exposure: new PlannedExposure(fNumber: Aperture::of(8), exposureTime: ExposureTime::of(1 / 250)),
                focalLength: 85,
            ),
            $record,
        );
        $this->assertSame(
            ['exposure time', 'focal length'],
            array_map(fn (PlanDifference $difference): string => $difference->name, $compared?->moved() ?? []),
        );
        $this->assertEqualsWithDelta(2.0, $compared?->moved()[0]->stops, 1e-9);
    }

    public function test_one_click_and_a_tenth_of_a_doubling_are_a_plan_kept(): void
    {
        $record = Situations::make(n: 8, t: 1 / 60, iso: 400, focalLength: 50)->record;
        $moved = fn (Plan $plan): array => array_map(
            fn (PlanDifference $difference): string => $difference->name,
            PlanComparison::of($plan, $record)?->moved() ?? [],
        );
        $time = fn (float $seconds): Plan => new Plan(
            exposure: new PlannedExposure(exposureTime: ExposureTime::of($seconds)),
        );

        $this->assertSame([], $moved($time(1 / 80)));
        $this->assertSame(['exposure time'], $moved($time(1 / 100)));
        $this->assertSame([], $moved(new Plan(focalLength: 50 * 2 ** 0.095)));
        $this->assertSame(['focal length'], $moved(new Plan(focalLength: 50 * 2 ** 0.105)));
        $this->assertSame(['focal length'], $moved(new Plan(focalLength: 50 / 2 ** 0.105)));
    }
}
