<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Scale;
use TruePupil\Core\Exposure\StopIncrement;

final class ScaleTest extends TestCase
{
    public function test_nominal_values_stand_for_exact_powers_of_two(): void
    {
        $this->assertEqualsWithDelta(11.3137, Aperture::of(11)->exact, 1e-4);
        $this->assertEqualsWithDelta(5.6569, Aperture::of(5.6)->exact, 1e-4);
        $this->assertSame(32.0, ExposureTime::of(30)->exact);
        $this->assertSame(16.0, ExposureTime::of(15)->exact);
        $this->assertSame(1 / 64, ExposureTime::of(1 / 60)->exact);
        $this->assertEqualsWithDelta(634.96, Iso::of(640)->exact, 0.01);
    }

    public function test_exact_values_as_files_record_them_are_on_the_scale_too(): void
    {
        $this->assertSame('1/1000 s', (string) ExposureTime::of(1 / 1024));
        $this->assertSame('ƒ/5.6', (string) Aperture::of(5.657));
    }

    public function test_a_telephone_s_value_stays_as_recorded(): void
    {
        $time = ExposureTime::of(1 / 989);

        $this->assertFalse($time->isOnScale());
        $this->assertSame(1 / 989, $time->exact);
        $this->assertSame('1/989 s', (string) $time);
    }

    #[DataProvider('differences')]
    public function test_differences_between_nominal_values_are_whole_thirds(float $expected, float $difference): void
    {
        $this->assertEqualsWithDelta($expected, $difference, 1e-9);
    }

    public static function differences(): iterable
    {
        yield 'f/3.2 to f/1.8' => [5 / 3, Aperture::of(1.8)->stopsMoreLightThan(Aperture::of(3.2))->value];
        yield 'f/22 to f/2' => [7.0, Aperture::of(2)->stopsMoreLightThan(Aperture::of(22))->value];
        yield '1/125 s to 1 s' => [7.0, ExposureTime::of(1)->stopsMoreLightThan(ExposureTime::of(1 / 125))->value];
        yield '30 s to 1/4 s' => [-7.0, ExposureTime::of(1 / 4)->stopsMoreLightThan(ExposureTime::of(30))->value];
        yield 'ISO 100 to 640' => [8 / 3, Iso::of(640)->stopsMoreThan(Iso::of(100))->value];
    }

    #[DataProvider('scales')]
    public function test_every_engraved_value_finds_its_own_step_and_steps_grow(Scale $scale): void
    {
        $before = 0.0;
        $seen = 0;
        for ($step = -60; $step <= 60; $step++) {
            $nominal = $scale->nominal($step);
            if ($nominal === null) {
                continue;
            }
            $seen++;
            $this->assertSame($step, $scale->stepOf($nominal), "engraved $nominal");
            $this->assertSame($step, $scale->stepOf($scale->exact($step)), "exact value of $nominal");
            $this->assertGreaterThan($before, $nominal);
            $before = $nominal;
        }
        $this->assertGreaterThan(20, $seen);
    }

    public static function scales(): iterable
    {
        foreach (StopIncrement::cases() as $increment) {
            yield "aperture in {$increment->name}s" => [Scale::aperture($increment)];
            yield "time in {$increment->name}s" => [Scale::exposureTime($increment)];
            yield "ISO in {$increment->name}s" => [Scale::iso($increment)];
        }
    }

    public function test_beyond_the_scale_nothing_snaps(): void
    {
        $this->assertNull(Scale::aperture()->snap(180.0));
        $this->assertFalse(Iso::of(3_280_000)->isOnScale());
        $this->assertSame(1 / 32000, ExposureTime::nearest(1e-9)->nominal());
    }

    #[DataProvider('written')]
    public function test_values_read_as_on_a_dial(string $expected, \Stringable $value): void
    {
        $this->assertSame($expected, (string) $value);
    }

    public static function written(): array
    {
        return [
            ['ƒ/8', Aperture::of(8)],
            ['ƒ/1.4', Aperture::of(1.4)],
            ['ƒ/11', Aperture::of(11)],
            ['ƒ/2.2', Aperture::of(2.2)],
            ['1/250 s', ExposureTime::of(0.004)],
            ['4 s', ExposureTime::of(4)],
            ['0.5 s', ExposureTime::of(0.5)],
            ['1.3 s', ExposureTime::of(1.3)],
            ['1/4 s', ExposureTime::of(0.25)],
            ['0.3 s', ExposureTime::of(0.3)],
            ['30 s', ExposureTime::of(30)],
            ['ISO 400', Iso::of(400)],
        ];
    }

    #[DataProvider('typedTimes')]
    public function test_typed_times_are_understood(string $text, float $seconds): void
    {
        $this->assertEqualsWithDelta($seconds, ExposureTime::parse($text)->recorded, 1e-12);
    }

    public static function typedTimes(): array
    {
        return [['1/250', 0.004], ['1/250 s', 0.004], ['0.5', 0.5], ['4 s', 4.0], [' 30" ', 30.0], ['1 / 60', 1 / 60]];
    }

    public function test_nonsense_is_refused_by_name(): void
    {
        $this->expectException(InvalidExposure::class);
        $this->expectExceptionMessage('"quick"');
        ExposureTime::parse('quick');
    }

    public function test_a_zero_f_number_is_refused(): void
    {
        $this->expectException(InvalidExposure::class);
        Aperture::of(0.0);
    }
}
