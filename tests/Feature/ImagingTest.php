<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\EarlyOverview;
use App\Imaging\FileAnalysis;
use App\Imaging\OutsideProgram;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use App\Practice\CameraSetups;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\Shot;
use App\Practice\ShotExposure;
use App\Practice\ShotHold;
use App\Practice\ShotPress;
use App\Practice\Shutter;
use DateTimeImmutable;
use InvalidArgumentException;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Tone\Srgb;

/** Pictures of known tones, measured back. */
#[DecodesAfresh]
final class ImagingTest extends TestCase
{
    public function test_every_pixel_is_counted_and_the_subject_s_tone_is_found(): void
    {
        $measures = app(FileAnalysis::class)->measure(
            Pictures::jpeg(patch: 180, ground: 60),
            Marks::ofSubject(Pictures::SUBJECT),
        );
        foreach (['luminance', 'red', 'green', 'blue'] as $channel) {
            $this->assertSame(
                Pictures::WIDTH * Pictures::HEIGHT,
                array_sum($measures->tone->statistics->$channel->counts),
                $channel,
            );
        }
        $stops = fn (int $code): float => Srgb::stopsFromMidGrey(Srgb::linear($code / 255));

        $this->assertEqualsWithDelta($stops(180), $measures->subject?->tone->meanStops, 0.05);
        $this->assertEqualsWithDelta($stops(60), $measures->tone->medianStops, 0.05);
        $mean = 0.08 * Srgb::linear(180 / 255) + 0.92 * Srgb::linear(60 / 255);
        $this->assertEqualsWithDelta(Srgb::stopsFromMidGrey($mean), $measures->tone->meanStops, 0.05);
        $this->assertEqualsWithDelta($stops(180), $measures->metering['spot'], 0.1);
    }

    public function test_of_a_large_picture_rows_evenly_spread_are_counted(): void
    {
        // Bands of eight tones, one below the other, in 12.6 megapixels: twice as many as have to be counted.
        [$width, $height] = [4200, 3000];
        $counts = fn (int $height): array => app(FileAnalysis::class)
            ->measure(Pictures::drawn(function (\GdImage $image) use ($width, $height): void {
                for ($band = 0; $band < 8; $band++) {
                    $colour = (int) imagecolorallocate($image, 30 * $band, 30 * $band, 30 * $band);
                    $top = intdiv($height * $band, 8);
                    imagefilledrectangle($image, 0, $top, $width, intdiv($height * ($band + 1), 8) - 1, $colour);
                }
            }, $width, $height))
            ->tone->statistics->luminance->counts;
        $half = $counts($height);

        $this->assertSame($width * $height / 2, array_sum($half));
        for ($band = 0; $band < 8; $band++) {
            $near = array_sum(array_slice($half, max(0, 30 * $band - 4), 9));
            $this->assertEqualsWithDelta(0.125, $near / array_sum($half), 0.002, "band $band");
        }
        $this->assertSame($width * 2800, array_sum($counts(2800)), 'a little smaller, and every pixel is');
    }

    public function test_the_picture_in_small_comes_first_and_says_the_same_as_the_whole_reading(): void
    {
        $path = Pictures::drawn(function (\GdImage $image): void {
            imagefill($image, 0, 0, (int) imagecolorallocate($image, 70, 90, 110));
            imagefilledellipse($image, 700, 500, 400, 300, (int) imagecolorallocate($image, 230, 200, 60));
        });
        $reading = Pictures::path('reading');
        [$early, $before] = [null, []];
        $early = new EarlyOverview(function () use (&$early, &$before): void {
            $before[] = $early?->overview;
        });
        app(PixelEngine::class)->read($path, $reading, meanwhile: $early);
        $this->assertSame([null], $before, 'what else can be done comes once, and first');
        $seen = $early->overview;
        $this->assertNotNull($seen);
        $this->assertEquals(ReadingFile::open($reading)->overview(), $seen);
        $this->assertSame($seen, ReadingFile::open($reading, $seen)->overview());
        $this->assertSame([$reading], glob($reading.'*'), 'nothing else is left');
        try {
            $early = new EarlyOverview();
            file_put_contents($path, substr((string) file_get_contents($path), 0, 9000));
            app(PixelEngine::class)->read($path, $reading, meanwhile: $early);
            $this->fail('Half a picture was read.');
        } catch (UnreadablePicture) {
            $this->assertSame([null, [$reading]], [$early->overview, glob($reading.'*')]);
        }
    }

    public function test_lost_and_blocked_shares_within_a_tenth_of_a_percent(): void
    {
        $measures = app(FileAnalysis::class)->measure(Pictures::jpeg(patch: 255, ground: 0));

        $this->assertEqualsWithDelta(8.0, $measures->tone->lostHighlightsPct, 0.1);
        $this->assertEqualsWithDelta(92.0, $measures->tone->blockedShadowsPct, 0.5);
        $this->assertNull($measures->subject);
    }

    public function test_one_channel_at_its_end_is_no_lost_highlight_but_counts_as_a_channel(): void
    {
        $path = Pictures::path('png');
        $image = imagecreatetruecolor(100, 100);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 255, 120, 40));
        imagepng($image, $path);
        $tone = app(FileAnalysis::class)->measure($path)->tone;

        $this->assertSame(0.0, $tone->lostHighlightsPct);
        $this->assertSame(['r' => 100.0, 'g' => 0.0, 'b' => 0.0], $tone->lostHighlightsPctByChannel);
    }

    public function test_orientation_is_honoured_in_size_and_in_regions(): void
    {
        $path = Pictures::path('jpg');
        $image = imagecreatetruecolor(400, 200);
        imagefilledrectangle($image, 0, 0, 199, 199, (int) imagecolorallocate($image, 200, 200, 200));
        imagejpeg($image, $path, 98);
        // Stored lying on its side: displayed, its left half is the top.
        (new OutsideProgram('exiftool', 20))->run(['-overwrite_original', '-q', '-n', '-Orientation=6', $path]);
        $picture = app(RecordReader::class)->read($path);
        $measures = app(FileAnalysis::class)->measure($path, Marks::ofSubject('0.1,0.02,0.8,0.4'));

        $this->assertSame([200, 400], [$picture->width, $picture->height]);
        $this->assertEqualsWithDelta(
            Srgb::stopsFromMidGrey(Srgb::linear(200 / 255)),
            $measures->subject?->tone->meanStops,
            0.05,
        );
    }

    public function test_a_profile_other_than_srgb_is_converted_before_it_is_measured(): void
    {
        $plain = Pictures::path('png');
        $image = imagecreatetruecolor(64, 64);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 40, 200, 60));
        imagepng($image, $plain);
        $wide = Pictures::path('jpg');
        // The same colour, stored in the other RGB profile that vips carries.
        (new OutsideProgram('vips', 20))->run([
            'icc_transform',
            $plain,
            $wide.'[Q=100,subsample-mode=off]',
            'p3',
            '--input-profile',
            'srgb',
        ]);
        $expected = app(FileAnalysis::class)->measure($plain)->tone->statistics;
        $found = app(FileAnalysis::class)->measure($wide)->tone->statistics;

        $mean = fn ($histogram) => array_sum(
            array_map(fn (int $code, int $count) => $code * $count, array_keys($histogram->counts), $histogram->counts),
        ) / $histogram->total;
        $this->assertEqualsWithDelta($mean($expected->green), $mean($found->green), 3);
        $this->assertEqualsWithDelta($mean($expected->red), $mean($found->red), 4);
    }

    public function test_grey_and_cmyk_pictures_are_measured_too(): void
    {
        $grey = Pictures::path('png');
        (new OutsideProgram('vips', 20))->run(['colourspace', Pictures::jpeg(patch: 118), $grey, 'b-w']);
        $cmyk = Pictures::path('jpg');
        (new OutsideProgram('vips', 20))->run([
            'icc_transform',
            Pictures::jpeg(patch: 118),
            $cmyk,
            'cmyk',
            '--input-profile',
            'srgb',
        ]);

        $this->assertEqualsWithDelta(0.0, app(FileAnalysis::class)->measure($grey)->tone->medianStops, 0.05);
        $this->assertEqualsWithDelta(0.0, app(FileAnalysis::class)->measure($cmyk)->tone->medianStops, 0.25);
    }

    public function test_the_practice_camera_exposes_in_exact_stops(): void
    {
        $placements = [];
        foreach ([1 / 60, 1 / 30] as $time) {
            $path = Pictures::path('jpg');
            $this->press($path, ExposureMode::Manual, ExposureTime::of($time), Stops::none());
            $placements[] = app(FileAnalysis::class)->measure(
                $path,
                Marks::ofSubject('0.76,0.56,0.04,0.07'),
            )->subject?->tone->meanStops;
        }

        // The dark jar is far from both ends, so a doubled time is one stop.
        $this->assertEqualsWithDelta(1.0, $placements[1] - $placements[0], 0.05);
    }

    public function test_what_its_meter_chose_reads_as_mid_grey_and_its_record_reads_back(): void
    {
        $path = Pictures::path('jpg');
        $settings = $this->press($path, ExposureMode::Aperture, null, Stops::none());
        $record = app(RecordReader::class)->read($path)->capture;

        $this->assertSame((string) $settings, (string) $record->settings());
        $this->assertSame(
            ['Marlpit One', ExposureMode::Aperture, MeteringPattern::Scene],
            [$record->camera->model, $record->exposure->mode, $record->exposure->metering],
        );
        $this->assertEqualsWithDelta(0.0, app(FileAnalysis::class)->measure($path)->metering['scene'], 0.25);
    }

    public function test_a_frame_is_measured_back_where_it_was_shot(): void
    {
        // The green bowl and the blue beaker: neither clips. Regions as fractions of the frame.
        foreach ([[0.52, 0.6, 0.1, 0.08], [0.27, 0.62, 0.04, 0.08]] as [$x, $y, $width, $height]) {
            $path = Pictures::path('jpg');
            $settings = $this->press($path, ExposureMode::Manual, ExposureTime::of(1 / 60), Stops::none());
            $scene = Scene::find('pots');
            $grid = app(SceneRenderer::class)->meterGrid($scene, $scene->condition(null), Region::of(0, 0, 1, 1), 480);
            $inside = [];
            foreach ($grid->cells as $i => $luminance) {
                [$u, $v] = [
                    (($i % $grid->columns) + 0.5) / $grid->columns,
                    (intdiv($i, $grid->columns) + 0.5) / $grid->rows,
                ];
                if ($u > $x && $u < $x + $width && $v > $y && $v < $y + $height) {
                    $inside[] = $luminance;
                }
            }
            $shot = log(array_sum($inside) / count($inside) / 0.18, 2) - $settings->ev100()->value;

            $this->assertEqualsWithDelta(
                $shot,
                app(FileAnalysis::class)->measure($path, Marks::ofSubject("$x,$y,$width,$height"))->subject?->tone
                    ->meanStops,
                0.1,
            );
        }
    }

    public function test_there_are_no_other_scenes(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Scene::find('../pots');
    }

    public function test_a_region_outside_the_frame_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Region::of(0.9, 0.9, 0.3, 0.3);
    }

    private function press(
        string $path,
        ExposureMode $mode,
        ?ExposureTime $time,
        Stops $compensation,
    ): \TruePupil\Core\Exposure\ExposureSettings {
        return app(Shutter::class)->press(
            new Shot(
                scene: Scene::find('pots'),
                setup: CameraSetups::ofDemo()->with('Marlpit 50 mm 1:1.8'),
                exposure: new ShotExposure(
                    mode: $mode,
                    aperture: Aperture::of(5.6),
                    time: $time,
                    iso: Iso::of(400),
                    compensation: $compensation,
                    metering: MeteringPattern::Scene,
                ),
                hold: new ShotHold(aim: ['x' => 0.5, 'y' => 0.5]),
                press: new ShotPress(takenAt: new DateTimeImmutable('2026-10-06 19:12:00'), seed: 7),
            ),
            $path,
        );
    }
}
