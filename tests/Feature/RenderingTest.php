<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\FileAnalysis;
use App\Imaging\Vips\Light;
use App\Practice\CameraSetup;
use App\Practice\Finder;
use App\Practice\FinderReading;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\Shot;
use App\Practice\ShotExposure;
use App\Practice\ShotFocus;
use App\Practice\ShotHold;
use App\Practice\ShotLight;
use App\Practice\ShotPress;
use App\Practice\Shutter;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Tone\Srgb;

/**
 * What the practice camera shows is what the formulas say: light, depth, movement and noise measured back from its
 * pixels.
 */
#[Group('long')]
#[DecodesAfresh]
final class RenderingTest extends TestCase
{
    /** Patches of the chart: from five stops below mid-grey to three above, their middles as fractions of the plate. */
    private const PATCHES = [[-5, 0.104], [-4, 0.201], [-3, 0.298], [-2, 0.395], [-1, 0.493], [1, 0.687], [2, 0.784]];

    private const PATCH_ROW = 0.12;

    /**
     * @return iterable<string, array{float, float, float}>
     *   f-number, time, ISO: a stop more than f/8, 1/125 s, ISO 100
     */
    public static function oneStopMore(): iterable
    {
        yield 'aperture' => [5.6, 1 / 125, 100];
        yield 'time' => [8, 1 / 60, 100];
        yield 'iso' => [8, 1 / 125, 200];
    }

    #[DataProvider('oneStopMore')]
    public function test_a_stop_more_doubles_the_light_by_each_of_the_three(float $n, float $t, float $iso): void
    {
        [$less, $more] = [$this->patches(8, 1 / 125, 100), $this->patches($n, $t, $iso)];
        foreach (self::PATCHES as $index => [$stops]) {
            $this->assertEqualsWithDelta(2.0, $more[$index] / $less[$index], 0.02, "the patch at $stops");
        }
    }

    public function test_equivalent_settings_are_equally_bright_and_patches_lie_where_they_are(): void
    {
        $first = $this->patches(8, 1 / 125, 400);
        foreach ([[5.6, 1 / 250, 400], [2.8, 1 / 1000, 400], [11, 1 / 125, 800], [16, 1 / 15, 200]] as [$n, $t, $iso]) {
            foreach ($this->patches($n, $t, $iso) as $index => $value) {
                $this->assertEqualsWithDelta(0.0, log($value / $first[$index], 2), 0.02);
            }
        }
        foreach (self::PATCHES as $index => [$stops]) {
            $this->assertEqualsWithDelta($stops, log($first[$index] / $first[4], 2) - 1, 0.02);
        }
    }

    /** @return iterable<string, array{float, float, float}> focal length, f-number, focused distance */
    public static function lenses(): iterable
    {
        yield '50 mm wide open, at the board' => [50, 1.4, 4.0];
        yield '50 mm at f/2.8, near' => [50, 2.8, 1.5];
        yield '85 mm at f/4, far' => [85, 4.0, 8.0];
        yield '50 mm at f/8, at two metres' => [50, 8.0, 2.0];
    }

    #[DataProvider('lenses')]
    public function test_points_blur_by_the_optics_formula(float $focal, float $n, float $focused): void
    {
        $reading = $this->look(
            'chart',
            $n,
            1 / 60,
            100,
            focal: $focal,
            focus: $focused,
            aim: ['x' => 0.5, 'y' => 0.83],
        );
        $light = app(SceneRenderer::class)
            ->linear($reading->rendering, RenderQuality::frame())
            ->weighed(Srgb::WEIGHTS)
            ->kept();
        $pixelsPerMm = $light->width / 36;
        $framing = $reading->rendering->optics->framing;
        $measured = 0;
        // The plate was made for 50 mm: points stand 0.3 m apart as seen on the board.
        foreach ([1.0, 1.4, 2.0, 2.8, 4.0, 5.6, 8.0, 11.0, 16.0] as $index => $metres) {
            $x = ((0.5 + (((-1.2 + 0.3 * $index) / 4) * 50) / 36 - $framing->x) / $framing->width) * $light->width;
            $y = ((0.5 + ((0.64 / 4) * 50) / 24 - $framing->y) / $framing->height) * $light->height;
            $expected = BlurDisc::of($focal, $n, $focused, $metres)->millimetres * $pixelsPerMm;
            $reach = (int) min(95 / $framing->width, $expected / 2 + 14);
            if ($x < $reach || $x > $light->width - $reach || $y > $light->height - $reach || $expected > 150) {
                continue;
            }
            $diameter = $this->diameter(
                $light->cut((int) round($x) - $reach, (int) round($y) - $reach, 2 * $reach, 2 * $reach),
            );
            // The point itself is two plate pixels across, and enlarging the plate mixes neighbours.
            $own = (2.4 / $framing->width) * ($framing->width < 1 ? 1.3 : 1.0);
            $this->assertEqualsWithDelta(
                $expected,
                sqrt(max(0.0, $diameter ** 2 - $own ** 2)),
                max(0.1 * $expected, 1.0 + ($expected < 3 ? 1.0 : 0.0)),
                "$metres m",
            );
            $measured++;
        }
        $this->assertGreaterThanOrEqual(4, $measured);
    }

    public function test_a_crossing_subject_streaks_by_speed_and_time(): void
    {
        $seconds = 1 / 15;
        $scene = Scene::find('tricycle');
        $this->assertNotNull($scene->motion->crossing);
        $moment = (1.2 - $scene->motion->crossing->start) / $scene->motion->crossing->speed;
        $frozen = $this->signEdge($this->look('tricycle', 16, 1 / 4000, 100, focal: 35, moment: $moment));
        $moved = $this->signEdge(
            $this->look('tricycle', 16, ExposureTime::of($seconds)->exact, 100, focal: 35, moment: $moment),
        );
        $expected = 1800 *
            $scene->motion->crossing->streak($scene->view, ExposureTime::of($seconds)->exact, 0.0, $moment);

        // From the first tenth to the last of the ramp at the edge of the sign lies eight tenths of the streak.
        $this->assertLessThan(6, $frozen);
        $this->assertEqualsWithDelta($expected, $moved / 0.8, 0.05 * $expected + 1);
    }

    public function test_noise_follows_the_sensor_model(): void
    {
        foreach ([800.0, 6400.0, 25600.0] as $iso) {
            $reading = $this->look('chart', 8, ((1 / 15) * 100) / $iso, $iso);
            $bytes = app(SceneRenderer::class)
                ->picture($reading->rendering, RenderQuality::frame())
                ->cut(855, 120, 60, 60)
                ->bytes();
            $linear = Srgb::linearByCode();
            $greens = [];
            for ($at = 1; $at < strlen($bytes); $at += 3) {
                $greens[] = $linear[ord($bytes[$at])];
            }
            $mean = array_sum($greens) / count($greens);
            $variance =
                array_sum(array_map(fn (float $value): float => ($value - $mean) ** 2, $greens)) / count($greens);
            $noise = $reading->rendering->film->sensor->noiseAt(Iso::of($iso));
            $expected = $noise['gain'] * $mean + $noise['floor'] ** 2;
            // Bytes are steps of their own: a step's square over twelve.
            $step =
                ($linear[min(255, (int) round(255 * Srgb::encoded($mean)) + 1)] -
                    $linear[max(0, (int) round(255 * Srgb::encoded($mean)) - 1)]) /
                2;
            $this->assertEqualsWithDelta(
                $expected + $step ** 2 / 12,
                $variance,
                0.1 * ($expected + $step ** 2 / 12),
                "ISO $iso",
            );
        }
    }

    public function test_the_finder_s_meter_is_the_measure_of_the_frame(): void
    {
        foreach (
            [
                ['pots', 50, 5.6, 1 / 100, 400],
                ['bust', 50, 4, 1 / 60, 400],
                ['arcade', 24, 8, 1 / 640, 100],
                ['wheel', 35, 4, 1 / 40, 400],
            ] as [$scene, $focal, $n, $t, $iso]
        ) {
            // A stop under what the meter wants, so that nothing clips.
            $shot = $this->shot($scene, $n, $t, $iso, focal: $focal);
            $path = Pictures::path('jpg');
            app(Shutter::class)->press($shot, $path);
            $finder = app(Finder::class)->look($shot)->verdicts();
            $measured = app(FileAnalysis::class)->measure($path);
            $this->assertLessThan(1.0, $measured->tone->lostHighlightsPct, $scene);
            foreach (['scene', 'centre', 'spot'] as $pattern) {
                $this->assertEqualsWithDelta(
                    $finder[$pattern]->value,
                    $measured->metering[$pattern],
                    0.1,
                    $scene.', '.$pattern,
                );
            }
        }
    }

    public function test_an_hour_s_exposure_is_rendered_like_any_other(): void
    {
        foreach (['tricycle' => 35, 'fountain' => 35, 'wheel' => 35, 'lanterns' => 24] as $scene => $focal) {
            foreach ([0.0, 0.9] as $followed) {
                $shot = $this->shot($scene, 22, 3600, 100, $focal, mode: ExposureMode::Bulb, followed: $followed);
                $values = app(SceneRenderer::class)
                    ->linear(app(Finder::class)->look($shot)->rendering, RenderQuality::finder())
                    ->cut(400, 200, 60, 60)
                    ->floats();
                $this->assertGreaterThan(0.0, min($values), $scene);
                $this->assertTrue(is_finite(max($values)), $scene);
            }
        }
    }

    public function test_the_same_seed_makes_the_same_frame_and_another_another(): void
    {
        $jpeg = fn (int $seed): string => app(SceneRenderer::class)
            ->picture(
                $this->look('wheel', 2.8, 1 / 100, 3200, focal: 35, seed: $seed)->rendering,
                RenderQuality::finder(),
            )
            ->jpeg(90);

        $this->assertSame(md5($jpeg(5)), md5($jpeg(5)));
        $this->assertNotSame(md5($jpeg(5)), md5($jpeg(6)));
    }

    public function test_the_turning_bowl_is_frozen_or_runs_into_rings(): void
    {
        // How much the slip strokes stand out along a row of the bowl.
        $contrast = function (float $seconds): float {
            $light = app(SceneRenderer::class)
                ->linear($this->look('wheel', 8, $seconds, 100, focal: 35)->rendering, RenderQuality::frame())
                ->weighed(Srgb::WEIGHTS);
            $row = $light->cut(700, 740, 160, 4)->floats();
            $row = array_map(
                fn (int $column): float => ($row[$column] + $row[160 + $column] + $row[320 + $column]) / 3,
                range(0, 159),
            );
            $steps = array_map(fn (int $column): float => abs($row[$column + 4] - $row[$column]), range(0, 155));

            return array_sum($steps) / array_sum($row);
        };
        $this->assertGreaterThan(3 * $contrast(1.0), $contrast(1 / 2000));
        $this->assertGreaterThan($contrast(1 / 15), $contrast(1 / 250));
    }

    /** @return iterable<string, array{string, float, float}> scene, f-number, metres focused */
    public static function deepScenes(): iterable
    {
        yield 'soft behind' => ['bust', 2.8, 2.0];
        yield 'soft in front' => ['bust', 2.8, 6.0];
        yield 'soft on both sides' => ['chart', 2.8, 4.0];
        yield 'nothing sharp' => ['pots', 2.8, 0.6];
    }

    /** The finder takes short cuts with what is out of focus; they must not show. */
    #[DataProvider('deepScenes')]
    public function test_the_live_picture_looks_as_the_frame_will(string $scene, float $n, float $focus): void
    {
        $rendering = $this->look($scene, $n, 1 / 60, 100, focus: $focus)->rendering;
        $cells = fn (RenderQuality $fineness): array => app(SceneRenderer::class)
            ->linear($rendering, $fineness)
            ->weighed(Srgb::WEIGHTS)
            ->kept()
            ->shrunk(intdiv($fineness->width, 120))
            ->floats();
        [$live, $frame] = [$cells(RenderQuality::finder()), $cells(RenderQuality::frame())];
        $apart = array_map(fn (float $a, float $b): float => abs(log(max($a, 1e-4) / max($b, 1e-4), 2)), $live, $frame);
        sort($apart);
        $this->assertLessThan(0.02, $apart[intdiv(count($apart), 2)], 'the middle cell, in stops');
        $this->assertLessThan(0.2, $apart[(int) (0.98 * count($apart))], 'all but one cell in fifty, in stops');

        // And as the bytes that are shown.
        $codes = fn (RenderQuality $fineness): array => app(SceneRenderer::class)
            ->picture($rendering, $fineness)
            ->kept()
            ->toFloat()
            ->shrunk(intdiv($fineness->width, 120))
            ->floats();
        $apart = array_map(
            fn (float $a, float $b): float => abs($a - $b),
            $codes(RenderQuality::finder()),
            $codes(RenderQuality::frame()),
        );
        sort($apart);
        $this->assertLessThan(2.0, $apart[intdiv(count($apart), 2)], 'the middle cell, in codes of 255');
        $this->assertLessThan(12.0, $apart[(int) (0.98 * count($apart))], 'all but one cell in fifty, in codes of 255');
    }

    public function test_a_tripod_keeps_still_what_hands_would_shake(): void
    {
        $edge = function (Support $support): float {
            $light = app(SceneRenderer::class)
                ->linear(
                    $this->look('chart', 8, 1 / 4, 100, support: $support, seed: 3)->rendering,
                    RenderQuality::frame(),
                )
                ->weighed(Srgb::WEIGHTS)
                ->cut(1150, 560, 260, 4)
                ->floats();
            $steps = array_map(fn (int $column): float => abs($light[$column + 1] - $light[$column]), range(0, 258));

            return max($steps);
        };
        $this->assertGreaterThan(3 * $edge(Support::Hand), $edge(Support::Tripod));
    }

    /** @return list<float> mean linear luminance of each patch */
    private function patches(float $n, float $t, float $iso): array
    {
        $light = app(SceneRenderer::class)
            ->linear($this->look('chart', $n, $t, $iso, focus: 4.0)->rendering, RenderQuality::frame())
            ->weighed(Srgb::WEIGHTS)
            ->kept();

        return array_map(function (array $patch) use ($light): float {
            $values = $light
                ->cut((int) ($patch[1] * $light->width) - 20, (int) (self::PATCH_ROW * $light->height) - 20, 40, 40)
                ->floats();

            return array_sum($values) / count($values);
        }, self::PATCHES);
    }

    /** Of a disc with the same spread: four times the root of the mean of both variances. */
    private function diameter(Light $spot): float
    {
        [$sum, $x, $y, $xx, $yy] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($spot->floats() as $at => $value) {
            [$column, $row] = [$at % $spot->width, intdiv($at, $spot->width)];
            $sum += $value;
            $x += $value * $column;
            $y += $value * $row;
            $xx += $value * $column ** 2;
            $yy += $value * $row ** 2;
        }
        $this->assertGreaterThan(0.0, $sum);

        return 4 * sqrt(($xx / $sum - ($x / $sum) ** 2 + $yy / $sum - ($y / $sum) ** 2) / 2);
    }

    /**
     * Pixels from a tenth to nine tenths of the change at the back edge of the pale sign on the tricycle's box, along a
     * row above its emblem.
     */
    private function signEdge(FinderReading $reading): float
    {
        $light = app(SceneRenderer::class)->linear($reading->rendering, RenderQuality::frame());
        $crossing = $reading->rendering->scene->motion->crossing;
        \assert($crossing !== null);
        // The sign begins 0.3 m behind the hub of the rear wheels, which stand 0.4 m left of where the rider is said to
        // be.
        $at =
            900 +
            ($crossing->at(
                $reading->rendering->motion->moment + $reading->rendering->exposure->settings->time->exact / 2,
            ) -
                0.4 -
                0.3) *
                $reading->rendering->scene->view->widthsPerMetre($crossing->distance) *
                1800;
        [$left, $width] = [(int) round($at) - 70, 140];
        // Of all around it only the sign has blue in it.
        $row = $light->cut($left, 671, $width, 3)->band(2)->floats();
        $profile = array_map(
            fn (int $column): float => ($row[$column] + $row[$width + $column] + $row[2 * $width + $column]) / 3,
            range($width - 1, 0),
        );
        [$inside, $outside] = [
            array_sum(array_slice($profile, 25, 15)) / 15,
            array_sum(array_slice($profile, -40, 15)) / 15,
        ];
        $share = array_map(fn (float $value): float => ($value - $outside) / ($inside - $outside), $profile);
        $crosses = function (float $level) use ($share, $width): float {
            for ($column = 1; $column < $width; $column++) {
                if ($share[$column] <= $level && $share[$column - 1] > $level) {
                    return $column -
                        1 +
                        ($share[$column - 1] - $level) / max(1e-9, $share[$column - 1] - $share[$column]);
                }
            }

            return NAN;
        };

        return $crosses(0.1) - $crosses(0.9);
    }

    /** @param  array{x: float, y: float}  $aim */
    private function look(
        string $scene,
        float $n,
        float $t,
        float $iso,
        float $focal = 50,
        ?float $focus = null,
        array $aim = ['x' => 0.5, 'y' => 0.5],
        float $moment = 0.0,
        int $seed = 7,
        Support $support = Support::Tripod,
    ): FinderReading {
        return app(Finder::class)->look(
            $this->shot($scene, $n, $t, $iso, $focal, $focus, $aim, $moment, $seed, $support),
        );
    }

    /** @param  array{x: float, y: float}  $aim */
    private function shot(
        string $scene,
        float $n,
        float $t,
        float $iso,
        float $focal = 50,
        ?float $focus = null,
        array $aim = ['x' => 0.5, 'y' => 0.5],
        float $moment = 0.0,
        int $seed = 7,
        Support $support = Support::Tripod,
        ExposureMode $mode = ExposureMode::Manual,
        float $followed = 0.0,
    ): Shot {
        return new Shot(
            scene: Scene::find($scene),
            setup: new CameraSetup(
                new Body(
                    'Marlpit One',
                    SensorFormat::fullFrame(),
                    new BodyLimits(fastest: 1 / 64000),
                    pixelsAcross: 6000,
                ),
                new Lens('Trial', $focal, $focal, 1.0, 1.0, 32.0),
                $focal,
            ),
            exposure: new ShotExposure(
                mode: $mode,
                aperture: Aperture::of($n),
                time: ExposureTime::of($t),
                iso: Iso::of($iso),
                compensation: Stops::none(),
                metering: MeteringPattern::Scene,
            ),
            hold: new ShotHold(aim: $aim, support: $support, followed: $followed),
            press: new ShotPress(takenAt: new DateTimeImmutable('2026-10-06 19:12:00'), seed: $seed, moment: $moment),
            focusing: new ShotFocus(distance: $focus),
            light: new ShotLight(kelvin: 5500),
        );
    }
}
