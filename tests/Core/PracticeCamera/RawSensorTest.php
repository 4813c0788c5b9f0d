<?php

declare(strict_types=1);

namespace Tests\Core\PracticeCamera;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\PracticeCamera\WhiteBalance;

final class RawSensorTest extends TestCase
{
    public function test_a_daylight_grey_comes_to_what_the_filters_let_through(): void
    {
        // D55 in CIE XYZ, by its chromaticity.
        $white = [0.33242 / 0.34743, 1.0, (1 - 0.33242 - 0.34743) / 0.34743];
        foreach (array_chunk(RawSensor::matrix(), 3) as $channel => $row) {
            $sum = $row[0] * $white[0] + $row[1] * $white[1] + $row[2] * $white[2];
            $this->assertEqualsWithDelta(RawSensor::SENSITIVITY[$channel], $sum, 0.001);
        }
    }

    public function test_what_looks_neutral_follows_the_white_balance(): void
    {
        $daylight = RawSensor::neutral(WhiteBalance::of(WhiteBalance::DAYLIGHT));
        $lamps = RawSensor::neutral(WhiteBalance::of(3000));

        $this->assertEqualsWithDelta(RawSensor::SENSITIVITY, $daylight, 0.001);
        $this->assertGreaterThan($daylight[0], $lamps[0], 'lamps are red');
        $this->assertLessThan($daylight[2], $lamps[2]);
        $this->assertEqualsWithDelta(1.0, max($lamps), 1e-9);
    }
}
