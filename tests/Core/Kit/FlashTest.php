<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Kit\Flash;

final class FlashTest extends TestCase
{
    public function test_a_guide_number_is_aperture_times_distance(): void
    {
        $flash = new Flash(40);

        // 40 m at ISO 100: ƒ/8 at 5 m, and a stop more at ISO 200 or √½ of the way.
        $this->assertEqualsWithDelta(0.0, $flash->stopsToSpare(8, 5, 100), 1e-9);
        $this->assertEqualsWithDelta(1.0, $flash->stopsToSpare(8, 5, 200), 1e-9);
        $this->assertEqualsWithDelta(2.0, $flash->stopsToSpare(8, 2.5, 100), 1e-9);
        $this->assertEqualsWithDelta(-2.0, $flash->stopsToSpare(8, 5, 100, Flash::BOUNCE_STOPS), 1e-9);
    }

    public function test_faster_than_it_syncs_it_loses_a_stop_and_a_half_and_what_the_time_is_shorter_by(): void
    {
        $this->assertSame(0.0, Flash::lostAt(1 / 200, 1 / 200));
        $this->assertSame(0.0, Flash::lostAt(1 / 60, 1 / 200));
        $this->assertEqualsWithDelta(1.5 + 2, Flash::lostAt(1 / 800, 1 / 200), 1e-9);
    }

    public function test_no_guide_number_is_refused(): void
    {
        $this->expectException(InvalidExposure::class);
        new Flash(0);
    }
}
