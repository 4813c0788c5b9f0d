<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Approach;
use TruePupil\Core\Brief\IsoSetting;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Findings\Rules\IsoSlack;
use TruePupil\Core\Findings\Severity;

final class IsoSlackTest extends TestCase
{
    public function test_two_stops_of_room_by_hand(): void
    {
        $finding = (new IsoSlack)->judge(Situations::make(t: 1 / 200, iso: 800));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(2.02, $finding->evidence[0]->value, 0.01);
    }

    public function test_on_a_tripod_all_of_it_is_slack(): void
    {
        $finding = (new IsoSlack)->judge(Situations::make(t: 1 / 8, iso: 400, support: Support::Tripod));

        $this->assertEqualsWithDelta(2.0, $finding?->evidence[0]->value, 1e-6);
        $this->assertStringContainsString('tripod', $finding->sentence);
    }

    public function test_where_iso_is_automatic_it_is_the_camera_s_doing(): void
    {
        $finding = (new IsoSlack)->judge(Situations::make(t: 1 / 200, iso: 800, approach: new Approach(iso: IsoSetting::Automatic)));

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertNotNull($finding->otherView);
    }

    public function test_iso_that_the_light_needed_says_nothing(): void
    {
        $this->assertNull((new IsoSlack)->judge(Situations::make(t: 1 / 50, iso: 3200)));
        $this->assertNull((new IsoSlack)->judge(Situations::make(t: 1 / 1000, iso: 100)));
    }
}
