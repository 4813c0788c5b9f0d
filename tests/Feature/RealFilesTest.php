<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\FileAnalysis;
use App\Imaging\OutsideProgram;
use App\Models\FrameState;
use GdImage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Focus\EdgeBlur;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Stored\MeasuresReading;

/** Files as they come: every format, hostile ones, and known pictures measured back from real JPEGs. */
#[Group('long')]
#[DecodesAfresh]
final class RealFilesTest extends TestCase
{
    use RefreshDatabase;

    /** @param  callable(string): string  $make */
    #[DataProvider('formats')]
    public function test_every_format_measures_the_same(callable $make): void
    {
        $jpeg = Pictures::jpeg(patch: 180, ground: 60);
        $expected = $this->measure($jpeg, Pictures::SUBJECT);
        $found = $this->measure($make($jpeg), Pictures::SUBJECT);

        $this->assertEqualsWithDelta($expected->subject?->tone->meanStops, $found->subject?->tone->meanStops, 0.05);
        $this->assertSame(Pictures::WIDTH * Pictures::HEIGHT, $found->tone->statistics->luminance->total);
        $this->assertNull($found->preview);
    }

    /** @return iterable<string, array{callable(string): string}> */
    public static function formats(): iterable
    {
        $vips = function (array $steps): callable {
            return function (string $jpeg) use ($steps): string {
                foreach ($steps as [$operation, $ending, $more]) {
                    $next = Pictures::path($ending);
                    (new OutsideProgram('vips', 30))->run([$operation, $jpeg, $next, ...$more]);
                    $jpeg = $next;
                }

                return $jpeg;
            };
        };
        yield 'PNG' => [$vips([['copy', 'png', []]])];
        yield 'WebP' => [$vips([['copy', 'webp', []]])];
        yield 'HEIC' => [$vips([['copy', 'heic', []]])];
        yield 'TIFF, 8 bit' => [$vips([['copy', 'tif', []]])];
        yield 'TIFF, 16 bit' => [$vips([['colourspace', 'v', ['rgb16']], ['copy', 'tif', []]])];
        yield 'with an alpha channel' => [$vips([['bandjoin_const', 'png', ['255']]])];
    }

    public function test_a_camera_raw_file_is_measured_on_its_preview_turned_the_right_way_and_says_so(): void
    {
        $raw = Pictures::raw((string) file_get_contents(Pictures::jpeg(patch: 180, ground: 60)), orientation: 6);
        // Lying on its side: the patch, right of the middle of the height, is now found turned by a quarter.
        $measures = $this->measure($raw, '0.32,0.42,0.36,0.16');
        $record = app(RecordReader::class)->read($raw);

        $this->assertNotNull($measures->preview);
        $this->assertSame(true, $measures->toArray()['ofPreview']);
        $this->assertEqualsWithDelta(1.34, $measures->subject?->tone->meanStops, 0.06);
        $this->assertSame(
            ['DNG', Pictures::HEIGHT, Pictures::WIDTH, 'Marlpit One'],
            [$record->format, $record->width, $record->height, $record->capture->camera->model],
        );
    }

    public function test_raw_and_heic_files_are_handed_in_like_any_other(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::raw((string) file_get_contents(Pictures::jpeg(patch: 180))));

        $this->assertSame(FrameState::Judged, $frame->state);
        $this->assertNotNull($frame->measures?->preview);
        $this->actingAs($world->student)
            ->get(route('frames.picture', $frame))
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
    }

    /** @param  callable(): string  $make */
    #[DataProvider('hostile')]
    public function test_hostile_files_are_refused_or_measured_and_leave_nothing_behind(
        callable $make,
        ?string $says,
    ): void {
        $path = $make();
        $before = $this->scratch();
        try {
            $this->measure($path, null);
            $said = null;
        } catch (UnreadablePicture $problem) {
            $said = $problem->getMessage();
        }

        $says === null ? $this->assertNull($said) : $this->assertStringContainsString($says, (string) $said);
        $this->assertSame($before, $this->scratch(), 'something was left in the scratch folder');
        $this->assertStringNotContainsString(dirname($path), (string) $said, 'no path is given away');
    }

    /** @return iterable<string, array{callable(): string, ?string}> */
    public static function hostile(): iterable
    {
        $named = function (string $name): callable {
            return function () use ($name): string {
                $path = dirname(Pictures::path('x')).'/'.$name;
                File::copy(Pictures::jpeg(), $path);

                return $path;
            };
        };
        yield 'a name with quotes and brackets' => [$named('a "pot"; $(touch x) [fail-on=none].jpg'), null];
        yield 'a name with a new line' => [$named("first\nsecond.jpg"), null];
        yield 'a name that looks like an option' => [$named('--help.jpg'), null];
        yield 'a picture with a page behind it' => [
            fn () => Pictures::file(file_get_contents(Pictures::jpeg()).'<html><script>alert(1)</script></html>'),
            null,
        ];
        yield 'a picture with megabytes of remarks' => [
            function (): string {
                $bytes = (string) file_get_contents(Pictures::jpeg());
                $remark = "\xFF\xFE".pack('n', 65535).str_repeat('x', 65533);

                return Pictures::file(substr($bytes, 0, 2).str_repeat($remark, 120).substr($bytes, 2));
            },
            null,
        ];
        yield 'a PNG that breaks off' => [
            function (): string {
                $path = Pictures::path('png');
                imagepng(imagecreatetruecolor(400, 400), $path);
                $image = imagecreatetruecolor(400, 400);
                for ($i = 0; $i < 400; $i++) {
                    imageline($image, random_int(0, 399), 0, random_int(0, 399), 399, random_int(0, 0xFFFFFF));
                }
                imagepng($image, $path);

                return Pictures::file(substr((string) file_get_contents($path), 0, 9000), 'png');
            },
            '',
        ];
        yield 'a TIFF that claims a thousand megapixels' => [
            function (): string {
                // Eight bytes of header, then the directory: width, height, 8 bits, uncompressed, grey, one strip after
                // it all.
                $tags = [
                    [256, 4, 40000],
                    [257, 4, 30000],
                    [258, 3, 8],
                    [259, 3, 1],
                    [262, 3, 1],
                    [273, 4, 200],
                    [277, 3, 1],
                    [278, 4, 30000],
                    [279, 4, 100],
                ];
                $directory =
                    pack('v', count($tags)).
                    implode(
                        '',
                        array_map(fn (array $tag): string => pack('vvVV', $tag[0], $tag[1], 1, $tag[2]), $tags),
                    ).
                    pack('V', 0);

                return Pictures::file(str_pad("II*\0".pack('V', 8).$directory, 300, "\x80"), 'tif');
            },
            '40000 × 30000',
        ];
        yield 'a raw file with a lying preview' => [fn () => Pictures::raw('this is no picture'), 'no preview'];
        yield 'a script that calls itself a picture' => [
            fn () => Pictures::file(
                "push graphic-context\nviewbox 0 0 640 480\nimage over 0,0 0,0 'https://127.0.0.1/x'\npop ".
                    'graphic-context',
                'mvg',
            ),
            'not a picture',
        ];
    }

    public function test_the_same_file_always_gives_the_same_measures(): void
    {
        $path = Pictures::jpeg(patch: 90);

        $this->assertSame(
            json_encode($this->measure($path, Pictures::SUBJECT)->toArray()),
            json_encode($this->measure($path, Pictures::SUBJECT)->toArray()),
        );
    }

    public function test_what_is_stored_of_a_picture_comes_back_whole(): void
    {
        $measures = $this->measure(Pictures::jpeg(patch: 255, ground: 30), Pictures::SUBJECT)->toArray();
        $again = MeasuresReading::restore(json_decode((string) json_encode($measures), true))->toArray();

        $this->assertSame(array_keys($measures), array_keys($again));
        $this->assertEqualsWithDelta(
            json_decode((string) json_encode($measures), true),
            json_decode((string) json_encode($again), true),
            1e-9,
        );
    }

    #[DataProvider('tilts')]
    public function test_a_known_tilt_comes_back(float $degrees): void
    {
        $picture = Pictures::drawn(function (GdImage $image) use ($degrees): void {
            imagefill($image, 0, 0, 0x9FB4C8);
            $rise = tan(deg2rad($degrees)) * 900;
            imagefilledpolygon(
                $image,
                [0, (int) round(640 - $rise), 1799, (int) round(640 + $rise), 1799, 1199, 0, 1199],
                0x4A5240,
            );
        });

        $this->assertEqualsWithDelta($degrees, $this->measure($picture, null)->composition?->lean->tiltDeg, 0.3);
    }

    /** @return list<array{float}> */
    public static function tilts(): array
    {
        return [[0.0], [1.2], [-2.6], [4.5]];
    }

    public function test_a_known_axis_of_symmetry_comes_back_within_a_hundredth_of_the_width(): void
    {
        foreach ([0.5, 0.53] as $axis) {
            $picture = Pictures::drawn(function (GdImage $image) use ($axis): void {
                imagefill($image, 0, 0, 0xB8B0A0);
                $middle = (int) round($axis * 1800);
                foreach ([120, 300, 520, 700] as $index => $away) {
                    foreach ([-1, 1] as $side) {
                        imagefilledrectangle(
                            $image,
                            $middle + $side * $away - 40,
                            200 + 120 * $index,
                            $middle + $side * $away + 40,
                            1100,
                            0x402818 + 0x101010 * $index,
                        );
                    }
                }
            });

            $this->assertEqualsWithDelta($axis, $this->measure($picture, null)->composition?->symmetry->axis, 0.01);
        }
    }

    public function test_the_sharp_half_is_told_from_the_blurred_one(): void
    {
        $picture = $this->halfBlurred();
        $sharp = $this->measure($picture, '0.05,0.2,0.4,0.6')->focus;
        $blurred = $this->measure($picture, '0.55,0.2,0.4,0.6')->focus;

        $this->assertLessThan(0.5, $sharp->sharpest['x'] ?? 1);
        $this->assertGreaterThan(Thresholds::SHARP, $sharp?->subject?->sharpness);
        $this->assertLessThan(Thresholds::SUBJECT_SOFT, $blurred?->subject?->sharpness);
    }

    public function test_an_eye_in_the_sharp_half_and_one_in_the_blurred(): void
    {
        $picture = $this->halfBlurred();
        $eye = fn (float $x): ?float => app(FileAnalysis::class)->measure(
            $picture,
            new Marks(null, [Mark::of(MarkKind::Eye, [[$x, 0.43]])]),
        )->focus?->eye?->sharpness;

        $this->assertGreaterThan(Thresholds::SHARP, $eye(0.25));
        $this->assertLessThan(Thresholds::SUBJECT_SOFT, $eye(0.75));
        $this->assertNull($this->measure($picture, null)->focus?->eye);
    }

    public function test_a_smear_across_has_a_direction_and_an_even_blur_has_none(): void
    {
        $smeared = Pictures::drawn(function (GdImage $image): void {
            $this->texture($image);
            // Averaged over shifts to one side, as a moving camera does.
            $copy = imagecreatetruecolor(1800, 1200);
            imagecopy($copy, $image, 0, 0, 0, 0, 1800, 1200);
            for ($shift = 1; $shift <= 14; $shift++) {
                imagecopymerge($image, $copy, $shift, 0, 0, 0, 1800, 1200, (int) round(100 / ($shift + 1)));
            }
        });
        $even = Pictures::drawn(function (GdImage $image): void {
            $this->texture($image);
            for ($i = 0; $i < 8; $i++) {
                imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
            }
        });

        $this->assertSame(0.0, $this->measure($smeared, null)->focus?->smear?->degrees);
        $this->assertNull($this->measure($even, null)->focus?->smear);
        $this->assertLessThan(
            $this->measure(Pictures::drawn($this->texture(...)), null)->focus?->sharpness,
            $this->measure($even, null)->focus?->sharpness,
        );
    }

    /** The steps of a drawn edge follow the normal distribution, so that its blur is known exactly. */
    public function test_the_blur_of_a_drawn_edge_is_measured_back(): void
    {
        foreach ([0.6, 1.5, 3.0] as $blur) {
            $picture = Pictures::drawn(fn (GdImage $image) => $this->edges($image, $blur), 1600, 1000);

            $this->assertEqualsWithDelta(
                // A slope over two pixels adds the blur of a box of that width.
                EdgeBlur::sharpness(hypot($blur, 1 / sqrt(3))),
                $this->measure($picture, '0.1,0.1,0.8,0.6')->focus?->subject?->sharpness,
                0.03,
                "blur of $blur px",
            );
        }
    }

    public function test_a_known_cast_comes_back(): void
    {
        $cast = $this->measure(Pictures::drawn(fn (GdImage $image) => imagefill($image, 0, 0, 0x7E7668), 600, 400),
            null)
            ->colour?->cast;

        // 0x7E against 0x68 in linear light.
        $this->assertEqualsWithDelta(
            2.4 * log((0x7E / 255 + 0.055) / (0x68 / 255 + 0.055), 2),
            $cast['warm'] ?? 0,
            0.03,
        );
    }

    private function halfBlurred(): string
    {
        return Pictures::drawn(function (GdImage $image): void {
            $this->texture($image);
            $right =
                imagecrop($image, ['x' => 900, 'y' => 0, 'width' => 900, 'height' => 1200]) ?:
                throw new \LogicException('GD cannot crop.');
            for ($i = 0; $i < 12; $i++) {
                imagefilter($right, IMG_FILTER_GAUSSIAN_BLUR);
            }
            imagecopy($image, $right, 900, 0, 0, 0, 900, 1200);
        });
    }

    /** Upright edges every 50 pixels, each spread by a standard deviation of so many pixels; plain below. */
    private function edges(GdImage $image, float $blur): void
    {
        imagefill($image, 0, 0, 0x808080);
        for ($x = 0; $x < 1600; $x++) {
            $away = (($x + 25) % 50) - 24.5;
            // Rising and falling in turn; the logistic curve of this steepness follows the normal one within 1 %.
            $share = 1 / (1 + exp((-1.702 * $away) / $blur));
            $grey = (int) round(60 + 130 * (intdiv($x + 25, 50) % 2 === 0 ? $share : 1 - $share));
            imageline($image, $x, 0, $x, 820, ($grey << 16) | ($grey << 8) | $grey);
        }
    }

    /** Small squares of many greys, with a plain band that shows the noise. */
    private function texture(GdImage $image): void
    {
        mt_srand(7);
        imagefill($image, 0, 0, 0x808080);
        for ($y = 140; $y < 1200; $y += 20) {
            for ($x = 0; $x < 1800; $x += 20) {
                $grey = mt_rand(40, 215);
                imagefilledrectangle($image, $x, $y, $x + 19, $y + 19, ($grey << 16) | ($grey << 8) | $grey);
            }
        }
    }

    private function measure(string $path, ?string $subject): FrameMeasures
    {
        return app(FileAnalysis::class)->measure($path, Marks::ofSubject($subject));
    }

    /** @return list<string> */
    private function scratch(): array
    {
        return is_dir(storage_path('scratch'))
            ? array_values(array_diff(scandir(storage_path('scratch')) ?: [], ['.', '..']))
            : [];
    }
}
