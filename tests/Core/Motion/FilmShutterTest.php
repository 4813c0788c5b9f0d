<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Motion\FilmShutter;

final class FilmShutterTest extends TestCase
{
    public function test_half_a_turn_is_half_of_the_time_between_two_frames(): void
    {
        $this->assertEqualsWithDelta(1 / 50, (new FilmShutter(25))->timeAt(180), 1e-9);
        $this->assertEqualsWithDelta(1 / 48, (new FilmShutter(24))->timeAt(180), 1e-9);
        $this->assertEqualsWithDelta(72.0, (new FilmShutter(25))->angleFor(1 / 125), 1e-9);
    }

    public function test_no_frame_gets_longer_than_it_takes_to_the_next(): void
    {
        $this->assertSame(360.0, (new FilmShutter(25))->angleFor(1 / 25));
        $this->assertNull((new FilmShutter(25))->angleFor(1 / 20));
        $this->expectException(InvalidExposure::class);
        (new FilmShutter(25))->timeAt(361);
    }
}
