<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\FlashReach;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\EntrancePupil;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sensor\SensorModel;
use TruePupil\Core\Series\BracketLength;

final class OpticsTest extends TestCase
{
    #[DataProvider('depths')]
    public function test_depth_of_field(
        float $f,
        float $n,
        float $s,
        float $c,
        float $hyperfocal,
        float $near,
        ?float $far,
    ): void {
        $depth = DepthOfField::of($f, $n, $s, $c);

        $this->assertEqualsWithDelta($hyperfocal, $depth->hyperfocal, 0.0006);
        $this->assertEqualsWithDelta($near, $depth->near, 0.0006);
        $far === null ? $this->assertNull($depth->far) : $this->assertEqualsWithDelta($far, $depth->far, 0.0006);
    }

    public static function depths(): array
    {
        return [
            [50, 2.8, 3, 0.03, 29.812, 2.729, 3.33],
            [50, 8, 3, 0.03, 10.467, 2.338, 4.185],
            [16, 8, 2, 0.03, 1.083, 0.699, null],
            [24, 11, 2, 0.02, 2.642, 1.14, 8.154],
            [85, 1.8, 2, 0.03, 133.881, 1.972, 2.029],
            [25, 4, 1, 0.015, 10.442, 0.914, 1.103],
        ];
    }

    public function test_stopping_down_never_makes_depth_shallower_and_the_subject_lies_within(): void
    {
        mt_srand(20261124);
        for ($case = 0; $case < 300; $case++) {
            $f = mt_rand(10, 600);
            $distance = ($f / 1000) * 1.1 + mt_rand(1, 5000) / 100;
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
        $this->assertEqualsWithDelta($circle, SensorFormat::parse($format)->circleOfConfusion(), 0.00006);
    }

    public static function circles(): array
    {
        return [['36x24', 0.03], ['23.5x15.6', 0.0196], ['22.3x14.9', 0.0186], ['17.3×13', 0.015], ['13.2x8.8', 0.011]];
    }

    public function test_a_format_follows_from_its_equivalent_focal_length(): void
    {
        $format = SensorFormat::fromEquivalent(35, 52.5);

        $this->assertEqualsWithDelta(1.5, $format->crop(), 1e-9);
        $this->assertEqualsWithDelta(24.0, $format->width, 1e-9);
    }

    public function test_hand_held_limit_by_focal_length_format_and_stabiliser(): void
    {
        $this->assertEqualsWithDelta(1 / 50, HandHeldLimit::of(50, SensorFormat::fullFrame())->seconds, 1e-9);
        $this->assertEqualsWithDelta(1 / 75, HandHeldLimit::of(50, SensorFormat::ofSize(24, 16))->seconds, 1e-9);
        $this->assertEqualsWithDelta(8 / 50, HandHeldLimit::of(50, SensorFormat::fullFrame(), 3)->seconds, 1e-9);
        $this->assertEqualsWithDelta(
            -1,
            HandHeldLimit::of(50, SensorFormat::fullFrame())->roomFor(1 / 25)->value,
            1e-9,
        );
    }

    public function test_every_doubling_of_iso_costs_one_stop_of_the_well(): void
    {
        $sensor = SensorModel::typical(SensorFormat::fullFrame(), 24_000_000);

        $this->assertGreaterThan(40_000, $sensor->fullWell);
        $this->assertEqualsWithDelta(
            1.0,
            $sensor->dynamicRange(Iso::of(100))->minus($sensor->dynamicRange(Iso::of(200)))->value,
            1e-9,
        );
        $this->assertEqualsWithDelta(
            4 * $sensor->noiseAt(Iso::of(100))['gain'],
            $sensor->noiseAt(Iso::of(400))['gain'],
            1e-12,
        );
    }

    public function test_a_format_that_cannot_be_read_is_named(): void
    {
        $this->expectException(InvalidOptics::class);
        $this->expectExceptionMessage('"large"');
        SensorFormat::parse('large');
    }

    public function test_angles_of_view(): void
    {
        $this->assertEqualsWithDelta(39.6, AngleOfView::of(50, SensorFormat::fullFrame())->horizontal, 0.005);
        $this->assertEqualsWithDelta(90.0, AngleOfView::of(18, SensorFormat::fullFrame())->horizontal, 1e-9);
    }

    public function test_diffraction(): void
    {
        $this->assertEqualsWithDelta(10.74, Diffraction::at(8)->airyMicrometres, 0.005);
        $this->assertEqualsWithDelta(29.52, Diffraction::at(22)->airyMicrometres, 0.005);
        $this->assertEqualsWithDelta(22.4, Diffraction::printLimit(SensorFormat::fullFrame()), 0.05);
        $this->assertEqualsWithDelta(11.2, Diffraction::printLimit(SensorFormat::ofSize(17.3, 13)), 0.05);
        $this->assertEqualsWithDelta(11.18, Diffraction::pixelLimit(6), 0.005);
    }

    public function test_blur_discs(): void
    {
        $disc = BlurDisc::of(85, 1.8, 2, 10);

        $this->assertEqualsWithDelta(1.677, $disc->millimetres, 0.001);
        $this->assertEqualsWithDelta(4.66, $disc->percentOfWidth(SensorFormat::fullFrame()), 0.005);
        $this->assertSame(0.0, BlurDisc::of(85, 1.8, 2, 2)->millimetres);
        // At the limits of depth of field the disc is just one circle of confusion.
        $depth = DepthOfField::of(50, 8, 3, 0.03);
        $this->assertEqualsWithDelta(0.03, BlurDisc::of(50, 8, 3, $depth->near)->millimetres, 1e-6);
        $this->assertEqualsWithDelta(0.03, BlurDisc::of(50, 8, 3, (float) $depth->far)->millimetres, 1e-6);
    }

    public function test_subject_blur(): void
    {
        $walking = SubjectBlur::of(1.4, 0, 50, 5, SensorFormat::fullFrame());
        $running = SubjectBlur::of(5, 0, 50, 8, SensorFormat::fullFrame());

        $this->assertEqualsWithDelta([471, 118], [1 / $walking->criticalLimit(), 1 / $walking->acceptableLimit()], 0.5);
        $this->assertEqualsWithDelta(
            [1048, 262],
            [1 / $running->criticalLimit(), 1 / $running->acceptableLimit()],
            0.5,
        );
        $this->assertEqualsWithDelta(
            $walking->after(0.01) / 2,
            SubjectBlur::of(1.4, 60, 50, 5, SensorFormat::fullFrame(), 0.0)->after(0.01),
            1e-9,
        );
        $this->assertNull(SubjectBlur::of(1.4, 90, 50, 5, SensorFormat::fullFrame(), 0.0)->criticalLimit());
        // A runner at 7 m/s towards the camera, 8 m away, with 100 mm: the head, 11.4 mm from the middle, at 10 mm/s.
        $towards = SubjectBlur::of(7, 90, 100, 8, SensorFormat::fullFrame());
        $this->assertEqualsWithDelta(10.0, $towards->after(1.0), 0.1);
        $this->assertEqualsWithDelta(330, 1 / $towards->criticalLimit(), 6);
    }

    public function test_stars(): void
    {
        $this->assertEqualsWithDelta(12.2, StarTrail::pixelLimit(20, 1.8, 6), 0.06);
        $this->assertEqualsWithDelta(3.65, StarTrail::pixels(20, 6, 0, 15), 0.005);
        $this->assertEqualsWithDelta(0.0, StarTrail::pixels(20, 6, 90, 15), 1e-9, 'the pole stands still');
        $this->assertEqualsWithDelta(25.0, StarTrail::roughLimit(20, SensorFormat::fullFrame()), 1e-9);
    }

    public function test_flash_film_and_brackets(): void
    {
        $this->assertEqualsWithDelta(10.0, FlashReach::of(40, 8, 400)->metres, 1e-9);
        $this->assertEqualsWithDelta(20.0, Reciprocity::corrected(10, 1.3), 0.05);
        $this->assertSame(0.5, Reciprocity::corrected(0.5, 1.3));
        $this->assertSame(
            [4, 1, 3],
            [
                BracketLength::frames(16, 10, 2),
                BracketLength::frames(8, 10, 2),
                BracketLength::frames(10 + 4 / 3, 10, 2 / 3),
            ],
        );
    }
}
