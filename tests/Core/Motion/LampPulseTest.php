<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Motion\LampPulse;

final class LampPulseTest extends TestCase
{
    public function test_whole_pulses_are_steady(): void
    {
        foreach ([1 / 100, 1 / 50, 0.03, 1 / 25, 0.5] as $time) {
            $this->assertEqualsWithDelta(0.0, (new LampPulse(50, 0.9))->variation($time), 1e-9);
        }
        $this->assertEqualsWithDelta(0.0, (new LampPulse(60, 0.9))->variation(1 / 60), 1e-9);
        $this->assertGreaterThan(0.2, (new LampPulse(60, 0.9))->variation(1 / 100));
    }

    public function test_what_is_left_by_hand(): void
    {
        // Half a pulse of 1/100 s: sinc is 2/π, and of depth 0.5 a share of 0.3183 is left: 1.3183/0.6817 is 0.9515.
        $this->assertEqualsWithDelta(0.9515, (new LampPulse(50, 0.5))->variation(1 / 200), 1e-3);
        // Very short: the pulse itself, (1 + m)/(1 − m).
        $this->assertEqualsWithDelta(log(3, 2), (new LampPulse(50, 0.5))->variation(1e-5), 1e-3);
        $this->assertSame(0.0, (new LampPulse(50, 0.0))->variation(1 / 1000));
    }

    public function test_the_steady_time_and_the_bands(): void
    {
        $lamp = new LampPulse(50, 0.8);
        $steady = array_map($lamp->steadyTime(...), [1 / 500, 1 / 60, 1 / 50, 1 / 30]);
        $this->assertSame([0.01, 0.01, 0.02, 0.03], $steady);
        $this->assertSame(1 / 60, (new LampPulse(60, 0.8))->steadyTime(1 / 60));
        $this->assertEqualsWithDelta(2.5, $lamp->bands(1 / 40), 1e-9);
    }

    public function test_no_lamp_goes_out_more_than_fully(): void
    {
        $this->assertGreaterThan(5.0, (new LampPulse(50, LampPulse::DEEPEST))->variation(1e-5));
        $this->expectException(InvalidExposure::class);
        new LampPulse(50, 0.96);
    }
}
