<?php

declare(strict_types=1);

namespace Tests\Core\Sensor;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\UsableRange;

final class UsableRangeTest extends TestCase
{
    public function test_two_stops_above_read_noise_and_a_stop_less_for_each_stop_of_iso(): void
    {
        // 6000 pixels on 36 mm are 36 µm² each; 1700 electrons per µm² against 3 of read noise are 14.3 stops.
        $body = Situations::kit()->body;

        $this->assertEqualsWithDelta(log((36 * 1700) / 3, 2) - 2, UsableRange::of($body, Iso::of(100))->value, 0.01);
        $this->assertEqualsWithDelta(
            4.0,
            UsableRange::of($body, Iso::of(100))->minus(UsableRange::of($body, Iso::of(1600)))->value,
            1e-9,
        );
        $this->assertEqualsWithDelta(
            UsableRange::of($body, Iso::of(100))->value,
            UsableRange::of(null, Iso::of(100))->value,
            0.01,
        );
    }
}
