<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\OutsideProgram;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use App\Imaging\Vips\SensorEnd;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\Shot;
use App\Practice\ShotInput;
use App\Practice\Shutter;
use App\WhatIf\RawHighlights;
use App\WhatIf\WhatIfRenderer;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\MeasuredPicture;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\Tone\RawCodes;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/** Camera raw files: what their sensors hold is read by LibRaw, and the practice camera's are as its scenes are. */
#[Group('long')]
#[DecodesAfresh]
final class RawFilesTest extends TestCase
{
    private const RANGE = RawSensor::WHITE - RawSensor::BLACK;

    public function test_the_sensors_values_are_counted_each_channel_for_itself(): void
    {
        // Red a quarter full, green full on the right half, blue nearly so.
        $raw = $this->dng(fn (int $column, int $row, int $channel): int => RawSensor::BLACK + match ($channel) {
            0 => intdiv(self::RANGE, 4),
            1 => $column < Pictures::WIDTH / 2 ? intdiv(self::RANGE, 2) : self::RANGE,
            default => self::RANGE - 1,
        });
        $sensor = $this->read($raw)->preview?->sensor;

        $this->assertNotNull($sensor);
        [$red, $green, $blue] = [$sensor->tones->red, $sensor->tones->green, $sensor->tones->blue];
        $quarter = Pictures::WIDTH * Pictures::HEIGHT / 4;
        $this->assertSame([$quarter, 2 * $quarter, $quarter], [$red->total, $green->total, $blue->total]);
        $this->assertEqualsWithDelta(-2.0, RawCodes::stops($red->percentileCode(0.5)), 1 / 16);
        $this->assertSame(['r' => 0.0, 'g' => 50.0, 'b' => 0.0], $sensor->tones->lostPctByChannel());
        $this->assertSame($quarter, $green->counts[RawCodes::FULL]);
        $this->assertSame(254, $blue->percentileCode(0.5), 'one value below its end is not lost');
    }

    public function test_a_part_is_told_for_itself_the_way_the_picture_is_up(): void
    {
        $value = fn (int $column, int $row): int => $row < Pictures::HEIGHT / 2 ? RawSensor::WHITE : 2000;
        $upright = $this->measured($this->dng($value), Region::of(0.1, 0.05, 0.8, 0.4));
        $this->assertSame(100.0, $upright->raw()?->subject?->lostPct());
        $this->assertSame(
            0.0,
            $this->measured($this->dng($value), Region::of(0.1, 0.55, 0.8, 0.4))->raw()?->subject?->lostPct(),
        );
        // 6: the sensor's left side is up.
        $turned = $this->dng($value, orientation: 6);
        $this->assertSame(
            100.0,
            $this->measured($turned, Region::of(0.55, 0.1, 0.4, 0.8))->raw()?->subject?->lostPct(),
        );
        $this->assertSame(
            0.0,
            $this->measured($turned, Region::of(0.05, 0.1, 0.4, 0.8))->raw()?->subject?->lostPct(),
        );
    }

    public function test_a_sensor_that_is_full_before_its_scale_ends_shows_it_by_a_heap(): void
    {
        $slope = array_fill(1, 15_871, 100);
        $this->assertSame(15_871, SensorEnd::of($slope, 15_871), 'no heap');

        $heap = array_filter($slope, fn (int $value): bool => $value < 15_000, ARRAY_FILTER_USE_KEY);
        $heap += array_fill(15_000, 40, 4_000);
        $end = SensorEnd::of($heap, 15_871);
        $this->assertGreaterThan(14_900, $end);
        $this->assertLessThanOrEqual(15_000, $end);

        // Full where the scale ends: nothing below counts as lost.
        $this->assertSame(15_871, SensorEnd::of($slope + [15_871 => 500_000], 15_871));
        $this->assertSame(15_871, SensorEnd::of([15_871 => 500_000, 4_000 => 500_000], 15_871));
        // A bright wall is no full sensor: it lies low, or something lies above it.
        $wall = [...[], 15_000 => 400_000, 15_600 => 90_000, 3_000 => 500_000];
        $this->assertSame(15_871, SensorEnd::of($wall, 15_871));
        $this->assertSame(15_871, SensorEnd::of([12_000 => 900_000, 3_000 => 500_000], 15_871));
        $this->assertSame(15_871, SensorEnd::of([15_000 => 400, 3_000 => 1_000_000], 15_871), 'too few to tell');
    }

    public function test_what_cannot_be_unpacked_is_judged_by_its_preview(): void
    {
        $preview = (string) file_get_contents(Pictures::jpeg(patch: 180, ground: 60));
        $this->assertNull($this->read(Pictures::raw($preview))->preview?->sensor);

        // Sizes that are not true, and values that are not there.
        $whole = (string) file_get_contents($this->dng(fn (): int => 4000));
        $lying = Pictures::path('dng');
        $large = pack('vvVV', 256, 4, 1, 60_000).pack('vvVV', 257, 4, 1, 60_000);
        $true = pack('vvVV', 256, 4, 1, Pictures::WIDTH).pack('vvVV', 257, 4, 1, Pictures::HEIGHT);
        $at = (int) strrpos($whole, $true);
        file_put_contents($lying, substr_replace($whole, $large, $at, strlen($large)));
        $reading = $this->read($lying);
        $this->assertNotNull($reading->preview);
        $this->assertNull($reading->preview->sensor);
        $this->assertSame(Pictures::WIDTH, $reading->width);

        foreach (range(1, 8) as $seed) {
            mt_srand($seed);
            $damaged = $whole;
            foreach (range(1, 60) as $_) {
                $damaged[mt_rand(8, 1400)] = chr(mt_rand(0, 255));
            }
            file_put_contents($lying, $damaged);
            try {
                $this->assertGreaterThan(0, $this->read($lying)->width);
            } catch (\TruePupil\Core\Capture\UnreadablePicture $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }

    public function test_made_darker_what_the_preview_lost_comes_from_the_raw_file(): void
    {
        // White all over in the preview's right half; in the raw file a stop and a third from the end, and more below.
        $preview = Pictures::drawn(function (\GdImage $image): void {
            imagefill($image, 0, 0, (int) imagecolorallocate($image, 118, 118, 118));
            imagefilledrectangle($image, 900, 0, 1799, 1199, 0xFFFFFF);
        });
        $grey = intdiv(self::RANGE, 12);
        $value = fn (float $times, int $channel): int => RawSensor::BLACK
            + (int) round($times * $grey * RawSensor::SENSITIVITY[$channel]);
        $raw = Pictures::dng($preview, fn (int $column, int $row, int $channel): int => $value(match (true) {
            $column < Pictures::WIDTH / 2 => 1.0,
            $row < Pictures::HEIGHT / 2 => 10.0,
            default => 6.0,
        }, $channel));
        [$reading, $copy] = [Pictures::path('reading'), Pictures::path('jpg')];
        app(PixelEngine::class)->read($raw, $reading, $copy, 1200);
        $held = RawHighlights::of(ReadingFile::open($reading));
        $this->assertNotNull($held);
        $recipe = Recipe::of([Step::of(StepKind::Exposure, ['stops' => -3.0])]);
        $linear = function (?RawHighlights $held, int $x, int $y) use ($copy, $recipe): float {
            $image = imagecreatefromstring(app(WhatIfRenderer::class)->jpeg($copy, $recipe, $held));
            $this->assertInstanceOf(\GdImage::class, $image);

            return Srgb::linear(((imagecolorat($image, $x, $y) >> 8) & 255) / 255);
        };

        $this->assertEqualsWithDelta(1 / 8, $linear(null, 900, 200), 0.01, 'the preview has nothing there');
        $this->assertEqualsWithDelta(1 / 8, $linear(null, 900, 600), 0.01);
        // Mid-grey is where both agree; ten and six times as much, three stops down.
        $this->assertEqualsWithDelta(0.18 * 10 / 8, $linear($held, 900, 200), 0.02);
        $this->assertEqualsWithDelta(0.18 * 6 / 8, $linear($held, 900, 600), 0.015);
        $this->assertEqualsWithDelta(0.18 / 8, $linear($held, 200, 400), 0.004, 'the rest is the preview\'s');
        // Of what nobody lost, nothing comes from elsewhere.
        $whole = $this->dng(fn (): int => 4000);
        app(PixelEngine::class)->read($whole, $reading);
        $this->assertNull(RawHighlights::of(ReadingFile::open($reading)));
    }

    public function test_the_practice_cameras_raw_file_is_valid_and_every_reader_takes_it_without_a_warning(): void
    {
        $raw = Pictures::path('dng');
        app(Shutter::class)->press($this->shot('chart'), null, $raw);

        $exif = new Process(['exiftool', '-validate', '-warning', '-error', '-a', '-s', $raw]);
        $exif->mustRun();
        $this->assertSame('Validate                        : OK', trim($exif->getOutput()));
        $vips = new Process(['vips', 'avg', $raw]);
        $vips->mustRun();
        $this->assertSame('', $vips->getErrorOutput());
        $libRaw = new Process(['raw-identify', '-v', $raw]);
        $libRaw->mustRun();
        $this->assertSame('', $libRaw->getErrorOutput());
        $this->assertStringContainsString('Filter pattern: RGGB', $libRaw->getOutput());
        $this->assertStringContainsString('black: '.RawSensor::BLACK, $libRaw->getOutput());
        $this->assertStringContainsString('ISO speed: 100', $libRaw->getOutput());

        $tags = (new OutsideProgram('exiftool', 30))->run(['-j', '-n', '-a', '-G1', $raw]);
        $record = json_decode($tags, true)[0];
        $this->assertSame(8, $record['ExifIFD:FNumber']);
        $this->assertSame('Marlpit', $record['IFD0:Make']);
        $this->assertSame(0, $record['SubIFD:SubfileType']);
        $this->assertSame(1, $record['IFD0:SubfileType']);
    }

    public function test_what_is_read_back_agrees_with_the_light_of_the_scene_and_what_was_lost(): void
    {
        // Bright enough that the lightest patches are beyond the sensor.
        $shot = $this->shot('chart', '1/4');
        $raw = Pictures::path('dng');
        app(Shutter::class)->press($shot, null, $raw);
        $rendering = app(Finder::class)->look($shot)->rendering;
        [$renderer, $fineness] = [app(SceneRenderer::class), RenderQuality::frame()];

        (new Process(['unprocessed_raw', '-q', $raw]))->mustRun();
        $pgm = (string) file_get_contents($raw.'.pgm');
        unlink($raw.'.pgm');
        $this->assertStringStartsWith("P5\n1800 1200\n65535\n", $pgm);
        /** @var list<int> $values */
        $values = array_values(unpack('n*', substr($pgm, -2 * 1800 * 1200)) ?: []);

        $light = $renderer->linear($rendering->inDaylight(), $fineness)->floats();
        $compared = 0;
        foreach ([0, 1, 2] as $channel) {
            for ($top = 60; $top < 1140; $top += 120) {
                for ($left = 60; $left < 1740; $left += 120) {
                    [$seen, $held, $count, $most] = [0.0, 0, 0, 0];
                    for ($row = $top; $row < $top + 40; $row++) {
                        for ($column = $left; $column < $left + 40; $column++) {
                            if ($row % 2 + $column % 2 === $channel) {
                                $seen += $light[3 * ($row * 1800 + $column) + $channel];
                                $held += $values[$row * 1800 + $column] - RawSensor::BLACK;
                                $most = max($most, $values[$row * 1800 + $column]);
                                $count++;
                            }
                        }
                    }
                    $expected = ($seen / $count) * RawSensor::SENSITIVITY[$channel] / RawSensor::FULL * self::RANGE;
                    // Where nothing is at the end, and light enough that a value is no step of two percent.
                    if ($expected > 200 && $most < RawSensor::WHITE) {
                        $this->assertEqualsWithDelta(1.0, $held / $count / $expected, 0.02);
                        $compared++;
                    }
                }
            }
        }
        $this->assertGreaterThan(100, $compared);

        $full = count(array_filter($values, fn (int $value): bool => $value >= RawSensor::WHITE));
        $this->assertGreaterThan(1000, $full);
        $tones = $this->read($raw)->preview?->sensor?->tones;
        $this->assertNotNull($tones);
        $this->assertSame(
            $full,
            $tones->red->counts[255] + $tones->green->counts[255] + $tones->blue->counts[255],
        );
        // And it is what the scene gave: noise moves a few across the end.
        $beyond = 0;
        foreach ($values as $at => $_) {
            $channel = intdiv($at, 1800) % 2 + $at % 1800 % 2;
            $beyond += (int) ($light[3 * $at + $channel] * RawSensor::SENSITIVITY[$channel] >= RawSensor::FULL);
        }
        $this->assertEqualsWithDelta($beyond, $full, 0.02 * $beyond);
    }

    private function shot(string $scene, string $time = '1/15'): Shot
    {
        return (new ShotInput([
            'mode' => 'manual', 'n' => '8', 't' => $time, 'iso' => '100', 'focus' => '4', 'support' => 'tripod',
            'seed' => '7',
        ]))->shot(Scene::find($scene), CameraSetups::ofDemo(), new DateTimeImmutable('2026-10-03 18:00:00'));
    }

    /** @param  callable(int, int, int): int  $value */
    private function dng(callable $value, int $orientation = 1): string
    {
        return Pictures::dng(Pictures::jpeg(patch: 180, ground: 60), $value, $orientation);
    }

    private function read(string $raw): PixelReading
    {
        $reading = Pictures::path('reading');
        app(PixelEngine::class)->read($raw, $reading);

        return ReadingFile::open($reading);
    }

    private function measured(string $raw, Region $subject): FrameMeasures
    {
        return MeasuredPicture::of($this->read($raw))->with(new Marks($subject));
    }
}
