<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\WideRange;
use TruePupil\Core\Findings\Rules\RangeBeyondSensor;
use TruePupil\Core\Intent\Intent;

final class RangeBeyondSensorTest extends TestCase
{
    public function test_a_wide_scene_wants_a_bracket(): void
    {
        // 36 µm² a pixel at 1700 electrons: 61 200 against 3 of read noise is 14.3 stops, 12.3 of them clean at base,
        // 6.3 at ISO 6400.
        $finding = (new RangeBeyondSensor())->judge(
            Situations::make(iso: 6400, kit: Situations::kit(), intent: new Intent(sceneStops: 10)),
        );

        $this->assertEqualsWithDelta(log((1700 * 36) / 3, 2) - 2 - 6, $finding?->evidence[0]->limit, 0.01);
        $this->assertSame(3.0, $finding->evidence[1]->value);
        $this->assertStringContainsString('bracket of 3 frames', $finding->sentence);
    }

    public function test_the_approach_names_its_own_way_and_the_other(): void
    {
        $finding = (new RangeBeyondSensor())->judge(
            Situations::make(
                iso: 6400,
                kit: Situations::kit(),
                intent: new Intent(sceneStops: 10),
                approach: new Approach(light: new ApproachToLight(wideRange: WideRange::LiftedShadows)),
            ),
        );

        $this->assertStringContainsString('lift the shadows', (string) $finding?->sentence);
        $this->assertStringContainsString('bracket', (string) $finding->otherView);
    }

    public function test_a_scene_that_fits(): void
    {
        $this->assertNull(
            (new RangeBeyondSensor())->judge(
                Situations::make(iso: 100, kit: Situations::kit(), intent: new Intent(sceneStops: 10)),
            ),
        );
    }
}
