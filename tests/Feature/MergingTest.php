<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use App\Merging\BracketMerge;
use App\Merging\FocusMerge;
use App\Merging\PanoramaJoin;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\FinderReading;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\ShotInput;
use DateTimeImmutable;
use GdImage;
use Illuminate\Support\Facades\File;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Series\MergeLook;
use TruePupil\Core\Tone\Srgb;

/** Rows brought together: the light of a bracket, the sharp parts of a stack, a view wider than the lens. */
final class MergingTest extends TestCase
{
    /** Two stops apart, for each scene. */
    private const TIMES = [
        'kiln' => ['1/25', '1/6', '1/1.6'],
        'arcade' => ['1/125', '1/30', '1/8'],
        'pots' => ['1/30', '1/8', '1/2'],
    ];

    public function test_the_merged_light_is_the_scenes_wherever_a_frame_holds_it(): void
    {
        foreach (array_keys(self::TIMES) as $scene) {
            [$paths, $readings] = $this->bracket($scene);
            $merged = app(BracketMerge::class)->light($paths, [-2.0, 0.0, 2.0]);
            $truth = app(SceneRenderer::class)
                ->linear($readings[1]->rendering, RenderQuality::finder())
                ->resized($merged->width, $merged->height)
                ->floats();
            $codes = array_map(fn (string $path): array => $this->codes($path, $merged), $paths);
            $values = $merged->floats();
            [$errors, $held] = [[], 0];
            for ($i = 0; $i < count($values); $i += 3 * 97) {
                // Some frame has all three channels well inside its range.
                $isHeld = array_filter($codes, fn (array $one): bool => min($one[$i], $one[$i + 1], $one[$i + 2]) > 24
                    && max($one[$i], $one[$i + 1], $one[$i + 2]) < 225);
                if ($isHeld !== []) {
                    $held++;
                    $errors[] = abs(array_sum(array_slice($values, $i, 3)) / array_sum(array_slice($truth, $i, 3)) - 1);
                }
            }
            sort($errors);
            $this->assertGreaterThan(1500, $held, $scene);
            $this->assertLessThan(0.05, array_sum($errors) / count($errors), "$scene: on the mean");
            $this->assertLessThan(0.05, $errors[(int) (0.95 * count($errors))], "$scene: of 95 %");
        }
    }

    public function test_each_frame_gives_the_part_that_it_holds(): void
    {
        [$paths] = $this->bracket('kiln');
        $shares = app(BracketMerge::class)->shares($paths, [-2.0, 0.0, 2.0]);
        $this->assertEqualsWithDelta(100.0, array_sum($shares), 1e-6);
        // The fire is in the darkest alone, the room in the brightest.
        $this->assertGreaterThan(1, $shares[0]);
        $this->assertGreaterThan(50, $shares[2]);
    }

    public function test_no_look_makes_a_brighter_place_darker_than_a_darker_one(): void
    {
        // Two fields, bright beside dark, as three exposures show them.
        $paths = [];
        foreach ([-2, 0, 2] as $stops) {
            $paths[] = Pictures::drawn(function (GdImage $image) use ($stops): void {
                for ($x = 0; $x < 600; $x++) {
                    $light = min(1.0, 2 ** $stops * 0.18 * 2 ** (-5 + 9 * $x / 600));
                    $code = (int) round(255 * Srgb::encoded($light));
                    imageline($image, $x, 0, $x, 399, $code * 0x010101);
                }
            }, 600, 400, 98);
        }
        foreach (MergeLook::cases() as $look) {
            $image = imagecreatefromstring(app(BracketMerge::class)->jpeg($paths, [-2.0, 0.0, 2.0], $look, 95));
            $before = -1;
            for ($x = 20; $x < 580; $x += 8) {
                $code = (imagecolorat($image, $x, 200) >> 8) & 255;
                $this->assertGreaterThanOrEqual($before - 2, $code, $look->value.' at '.$x);
                $before = $code;
            }
            $this->assertGreaterThan(150, $before - ((imagecolorat($image, 20, 200) >> 8) & 255));
        }
        // What holds everything spreads the bright end; what rounds it off presses it together.
        $step = fn (MergeLook $look): float => $look->curve(4.0, -5.0, 4.0) - $look->curve(3.0, -5.0, 4.0);
        $this->assertGreaterThan(2 * $step(MergeLook::Natural), $step(MergeLook::Even));
        foreach (MergeLook::cases() as $look) {
            $this->assertSame(0.0, abs($look->curve(0.0, -5.0, 4.0)), 'mid-grey stays');
        }
    }

    public function test_a_stack_is_sharp_where_any_of_its_frames_is(): void
    {
        $textured = function (bool $leftIsSharp): string {
            $path = Pictures::drawn(function (GdImage $image): void {
                mt_srand(3);
                for ($y = 0; $y < 400; $y += 4) {
                    for ($x = 0; $x < 600; $x += 4) {
                        imagefilledrectangle($image, $x, $y, $x + 3, $y + 3, mt_rand(40, 215) * 0x010101);
                    }
                }
            }, 600, 400, 98);
            $image = imagecreatefromjpeg($path);
            $soft = imagecreatetruecolor(300, 400);
            imagecopy($soft, $image, 0, 0, $leftIsSharp ? 300 : 0, 0, 300, 400);
            for ($i = 0; $i < 12; $i++) {
                imagefilter($soft, IMG_FILTER_GAUSSIAN_BLUR);
            }
            imagecopy($image, $soft, $leftIsSharp ? 300 : 0, 0, 0, 0, 300, 400);
            imagejpeg($image, $path, 98);

            return $path;
        };
        $paths = [$textured(true), $textured(false)];
        $image = imagecreatefromstring(app(FocusMerge::class)->jpeg($paths, 95));
        $liveliness = function (GdImage $image, int $from): float {
            $sum = 0;
            for ($x = $from; $x < $from + 200; $x++) {
                $sum += abs((imagecolorat($image, $x + 1, 202) & 255) - (imagecolorat($image, $x, 202) & 255));
            }

            return $sum / 200;
        };
        foreach ([40, 360] as $index => $from) {
            $sharp = $liveliness(imagecreatefromjpeg($paths[$index]), $from);
            $this->assertGreaterThan(0.9 * $sharp, $liveliness($image, $from));
            $this->assertLessThan(0.5 * $sharp, $liveliness(imagecreatefromjpeg($paths[1 - $index]), $from));
        }
        $shares = app(FocusMerge::class)->shares($paths);
        $this->assertEqualsWithDelta(50, $shares[0], 6);
        // A third frame that is nowhere the sharpest gives next to nothing.
        $this->assertLessThan(8, app(FocusMerge::class)->shares([...$paths, Pictures::drawn(
            fn (GdImage $image): bool => imagefill($image, 0, 0, 0x808080),
            600,
            400,
        )])[2]);
    }

    public function test_frames_side_by_side_are_joined_as_the_view_was(): void
    {
        $whole = Pictures::drawn(function (GdImage $image): void {
            mt_srand(5);
            imagefill($image, 0, 0, 0x606060);
            for ($i = 0; $i < 160; $i++) {
                $grey = mt_rand(20, 230);
                imagefilledellipse($image, mt_rand(0, 1500), mt_rand(0, 420), mt_rand(20, 90), mt_rand(20, 90), $grey
                    * 0x010101);
            }
        }, 1500, 420, 98);
        $source = imagecreatefromjpeg($whole);
        $cut = function (int $x, int $y) use ($source): string {
            $part = imagecrop($source, ['x' => $x, 'y' => $y, 'width' => 600, 'height' => 400]);
            $path = Pictures::path('jpg');
            imagejpeg($part, $path, 97);

            return $path;
        };
        $jpeg = app(PanoramaJoin::class)->jpeg([$cut(0, 4), $cut(420, 10), $cut(860, 2)], 95);
        $image = imagecreatefromstring((string) $jpeg);
        // 860 + 600 wide; 8 rows more than one frame.
        $this->assertEqualsWithDelta(1460, imagesx($image), 2);
        $this->assertEqualsWithDelta(408, imagesy($image), 2);
        $off = 0.0;
        for ($x = 30; $x < 1430; $x += 10) {
            $off += abs(((imagecolorat($image, $x, 200) >> 8) & 255) - ((imagecolorat($source, $x, 202) >> 8) & 255));
        }
        $this->assertLessThan(6, $off / 140, 'mean difference in codes');
        // The other way round is the same view.
        $this->assertNotNull(app(PanoramaJoin::class)->jpeg([$cut(420, 10), $cut(0, 4)], 90));
        $this->assertNull(app(PanoramaJoin::class)->jpeg([$cut(0, 4), $cut(900, 10)], 90), 'nothing in common');
    }

    /** @return array{non-empty-list<string>, list<FinderReading>} */
    private function bracket(string $scene): array
    {
        [$paths, $readings] = [[], []];
        foreach (self::TIMES[$scene] as $time) {
            $shot = (new ShotInput([
                'mode' => 'manual', 'n' => $scene === 'kiln' ? '8' : '11', 't' => $time, 'iso' => '100',
                'support' => 'tripod',
            ]))->shot(Scene::find($scene), CameraSetups::ofDemo(), new DateTimeImmutable('2026-05-04 10:00:00+02:00'));
            $reading = app(Finder::class)->look($shot);
            $path = Pictures::path('jpg');
            File::put($path, app(SceneRenderer::class)->picture($reading->rendering, RenderQuality::finder())
                ->jpeg(96));
            [$paths[], $readings[]] = [$path, $reading];
        }

        return [$paths, $readings];
    }

    /** @return list<float> */
    private function codes(string $path, Light $as): array
    {
        return Light::open(app(Vips::class), $path)->resized($as->width, $as->height)->toFloat()->floats();
    }
}
