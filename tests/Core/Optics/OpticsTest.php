<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\EntrancePupil;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Sensor\Format;
use TruePupil\Core\Sensor\SensorModel;

final class OpticsTest extends TestCase
{
    #[DataProvider('depths')]
    public function test_depth_of_field(float $f, float $n, float $s, float $c, float $hyperfocal, float $near, ?float $far): void
    {
        $depth = DepthOfField::of($f, $n, $s, $c);

        $this->assertEqualsWithDelta($hyperfocal, $depth->hyperfocal, 0.0006);
        $this->assertEqualsWithDelta($near, $depth->near, 0.0006);
        $far === null ? $this->assertNull($depth->far) : $this->assertEqualsWithDelta($far, $depth->far, 0.0006);
    }

    public static function depths(): array
    {
        return [
            [50, 2.8, 3, .030, 29.812, 2.729, 3.330], [50, 8, 3, .030, 10.467, 2.338, 4.185], [16, 8, 2, .030, 1.083, 0.699, null],
            [24, 11, 2, .020, 2.642, 1.140, 8.154], [85, 1.8, 2, .030, 133.881, 1.972, 2.029], [25, 4, 1, .015, 10.442, 0.914, 1.103],
        ];
    }

    public function test_stopping_down_never_makes_depth_shallower_and_the_subject_lies_within(): void
    {
        mt_srand(20261124);
        for ($case = 0; $case < 300; $case++) {
            $f = mt_rand(10, 600);
            $distance = $f / 1000 * 1.1 + mt_rand(1, 5000) / 100;
            $n = mt_rand(10, 160) / 10;
            $wide = DepthOfField::of($f, $n, $distance, 0.02);
            $small = DepthOfField::of($f, $n * 1.3, $distance, 0.02);
            $this->assertLessThanOrEqual($wide->near, $small->near);
            $this->assertGreaterThanOrEqual($wide->far ?? INF, $small->far ?? INF);
            $this->assertLessThanOrEqual($distance, $wide->near);
            $this->assertGreaterThanOrEqual($distance, $wide->far ?? INF);
        }
    }

    public function test_a_subject_inside_the_lens_is_refused(): void
    {
        $this->expectException(InvalidOptics::class);
        $this->expectExceptionMessage('0.05 m');
        DepthOfField::of(85, 2, 0.05, 0.03);
    }

    public function test_entrance_pupils(): void
    {
        $this->assertEqualsWithDelta(12.5, EntrancePupil::fromNumbers(35, 2.8)->millimetres, 1e-9);
        $this->assertEqualsWithDelta(8.4375, EntrancePupil::fromNumbers(135, 16)->millimetres, 1e-9);
        $this->assertEqualsWithDelta(50 / 5.6569, EntrancePupil::of(50, Aperture::of(5.6))->millimetres, 1e-3);
    }

    #[DataProvider('circles')]
    public function test_circles_of_confusion(string $format, float $circle): void
    {
        $this->assertEqualsWithDelta($circle, Format::parse($format)->circleOfConfusion(), 0.00006);
    }

    public static function circles(): array
    {
        return [['36x24', .0300], ['23.5x15.6', .0196], ['22.3x14.9', .0186], ['17.3×13', .0150], ['13.2x8.8', .0110]];
    }

    public function test_a_format_follows_from_its_equivalent_focal_length(): void
    {
        $format = Format::fromEquivalent(35, 52.5);

        $this->assertEqualsWithDelta(1.5, $format->crop(), 1e-9);
        $this->assertEqualsWithDelta(24.0, $format->width, 1e-9);
    }

    public function test_hand_held_limit_by_focal_length_format_and_stabiliser(): void
    {
        $this->assertEqualsWithDelta(1 / 50, HandHeldLimit::of(50, Format::fullFrame())->seconds, 1e-9);
        $this->assertEqualsWithDelta(1 / 75, HandHeldLimit::of(50, Format::ofSize(24, 16))->seconds, 1e-9);
        $this->assertEqualsWithDelta(8 / 50, HandHeldLimit::of(50, Format::fullFrame(), 3)->seconds, 1e-9);
        $this->assertEqualsWithDelta(-1, HandHeldLimit::of(50, Format::fullFrame())->roomFor(1 / 25)->value, 1e-9);
    }

    public function test_every_doubling_of_iso_costs_one_stop_of_the_well(): void
    {
        $sensor = SensorModel::typical(Format::fullFrame(), 24_000_000);

        $this->assertGreaterThan(40_000, $sensor->fullWell);
        $this->assertEqualsWithDelta(1.0, $sensor->dynamicRange(Iso::of(100))->minus($sensor->dynamicRange(Iso::of(200)))->value, 1e-9);
        $this->assertEqualsWithDelta(4 * $sensor->noiseAt(Iso::of(100))['gain'], $sensor->noiseAt(Iso::of(400))['gain'], 1e-12);
    }

    public function test_a_format_that_cannot_be_read_is_named(): void
    {
        $this->expectException(InvalidOptics::class);
        $this->expectExceptionMessage('"large"');
        Format::parse('large');
    }
}
