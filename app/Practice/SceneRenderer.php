<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\PracticeCamera\Defocus;
use TruePupil\Core\PracticeCamera\DepthScale;
use TruePupil\Core\PracticeCamera\FlashLight;
use TruePupil\Core\PracticeCamera\PlateExposure;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\PracticeCamera\RollingShutter;
use TruePupil\Core\PracticeCamera\ToneCurve;
use TruePupil\Core\Tone\Srgb;

/**
 * The practice camera's pixels. In the order that light goes: the scene's luminance, framed; what moves in it; the lens
 * with its filters, its depth of field and its shake; the sensor with its noise; the tone curve.
 */
final class SceneRenderer
{
    /** A star's light falls on a little more than one pixel of a sharp lens. */
    private const STAR_SIGMA = 0.7;

    /** A drop covers a little more than its own area: it is never quite round. */
    private const DROP_COVER = 1.4;

    /** Share of its diameter that a drop's edge is soft by. */
    private const DROP_SIGMA = 0.42;

    private readonly TurningClay $clay;

    private readonly CrossingDrawing $crossing;

    public function __construct(private readonly Vips $vips, private readonly PlateStore $plates)
    {
        $this->clay = new TurningClay($vips, $plates);
        $this->crossing = new CrossingDrawing($vips, $plates);
    }

    /** sRGB bytes, as the camera records them. */
    public function picture(Rendering $rendering, RenderQuality $fineness): Light
    {
        $linear = $this->linear($rendering, $fineness);
        $exposure = $this->exposure($rendering);
        $isShown = sqrt($exposure->noiseGain * Srgb::MID_GREY + $exposure->noiseFloor ** 2) >= $fineness->noiseShown;

        return $this->recorded($isShown ? $this->noisy($linear, $rendering) : $linear);
    }

    /**
     * The sensor's own values, as a raw file keeps them: 16 bits each, row by row, red and green, then green and blue
     * (RawSensor). White balance is none of the sensor's business.
     */
    public function mosaic(Rendering $rendering, RenderQuality $fineness): string
    {
        $held = $this->sensor($rendering, $fineness)->kept();
        $isRed = $this->everyOther($held->width, $held->height, "\xff\0", "\0\0");
        $isBlue = $this->everyOther($held->width, $held->height, "\0\0", "\0\xff");

        return $isRed->choose($held->band(0), $isBlue->choose($held->band(2), $held->band(1)))->bytes();
    }

    /** What the sensor would hold if every pixel saw all three channels: 16 bits each, from RawSensor's black on. */
    public function sensor(Rendering $rendering, RenderQuality $fineness): Light
    {
        $seen = $this->linear($rendering->inDaylight(), $fineness)->linear(RawSensor::SENSITIVITY);
        $values = $this->noisy($seen, $rendering)
            ->linear((RawSensor::WHITE - RawSensor::BLACK) / RawSensor::FULL, RawSensor::BLACK + 0.5)
            ->toWholeNumbers()
            ->kept();
        $full = $values->linear(0.0, (float) RawSensor::WHITE)->toWholeNumbers();

        return $values->isMoreThan(RawSensor::WHITE)->choose($full, $values);
    }

    /** A mask of two rows of two that repeat. */
    private function everyOther(int $width, int $height, string $first, string $second): Light
    {
        $rows = str_repeat($first, intdiv($width, 2)).str_repeat($second, intdiv($width, 2));

        return Light::fromBytes($this->vips, str_repeat($rows, intdiv($height, 2)), $width, $height, 1);
    }

    /**
     * Noise of √(gain·x + floor²) times a unit normal deviate, each channel its own, from a place of its own for each
     * press.
     */
    private function noisy(Light $linear, Rendering $rendering): Light
    {
        $exposure = $this->exposure($rendering);
        $linear = $linear->kept();
        $sigma = $linear->linear($exposure->noiseGain, $exposure->noiseFloor ** 2)->power(0.5);
        $deviates = $this->deviates($linear->width, $linear->height)->turned(
            $rendering->film->seed * 7919,
            $rendering->film->seed * 104729,
        );

        return $linear->plus($sigma->times($deviates));
    }

    private function recorded(Light $linear): Light
    {
        return $linear->linear((float) ToneCurve::STEPS, 0.5)->toWholeNumbers()->lookedUp($this->plates->tone());
    }

    /** Linear light, 0.18 where the settings make mid-grey, before noise and tone curve. */
    public function linear(Rendering $rendering, RenderQuality $fineness): Light
    {
        [$width, $height] = [$fineness->width, $fineness->height()];
        $exposure = $this->exposure($rendering);
        [$red, $green, $blue] = $rendering->film->whiteBalance->gains();
        $gain = $exposure->perCandela * 2 ** -$rendering->exposure->filterStops;
        $gains = [$gain * $red, $gain * $green, $gain * $blue];

        $light = $this->scenery($rendering, $fineness, $gains);
        $plate = $rendering->scene->files->flashes[$rendering->exposure->flashFrom] ?? null;
        if ($rendering->exposure->flash !== null && $plate !== null) {
            $flash =
                FlashLight::factor($rendering->exposure->flash, $rendering->exposure->settings) *
                2 ** -$rendering->exposure->filterStops;
            $light = $light->plus(
                $this->plates
                    ->framed($rendering->scene, $plate, $rendering->optics->framing, $fineness)
                    ->linear([$flash * $red, $flash * $green, $flash * $blue]),
            );
        }
        if ($rendering->exposure->graduated !== null) {
            $rows = $rendering->optics->drawnRows($rendering->exposure->graduated->rows(...), $height);
            $light = $light->times($this->alongRows($rows, $width));
        }
        $light = $this->defocused($light->kept(), $rendering, $fineness);
        if ($rendering->scene->motion->falls !== [] || $rendering->scene->motion->crossing !== null) {
            $light = $light->kept();
        }
        $light = $this->withWater($light, $rendering, $fineness, $gains);
        $light = $this->crossing->over($light, $rendering, $fineness, $gains);

        return $this->softened(
            Streaking::along(
                $this->leant($light, $rendering->optics->lean),
                $rendering->motion->shake->right * PlateView::pixelsPerMillimetre($rendering, $width),
                $rendering->motion->shake->down * PlateView::pixelsPerMillimetre($rendering, $width),
            ),
            $rendering,
            $width,
        );
    }

    /**
     * Mean luminance over square cells of the frame, as a meter in the camera sees it: 0.18 is what EV100 0 renders as
     * mid-grey.
     */
    public function meterGrid(Scene $scene, SceneLight $condition, Region $framing, int $columns = 144): LuminanceGrid
    {
        $rows = (int) round($columns / 1.5);
        $name = sprintf(
            'meter-%s-%s-%s-%d',
            $scene->id,
            $condition->id,
            hash(
                'xxh128',
                serialize([
                    $framing,
                    $condition,
                    PlateStore::version($scene->file($scene->files->plates[0]), __FILE__, __DIR__.'/TurningClay.php'),
                ]),
            ),
            $columns,
        );

        return LuminanceGrid::of(
            $columns,
            $rows,
            $this->plates
                ->reading($name, fn (): Light => $this->luminance($scene, $condition, $framing, $columns, $rows))
                ->floats(),
        );
    }

    private function luminance(Scene $scene, SceneLight $condition, Region $framing, int $columns, int $rows): Light
    {
        $luminance = null;
        foreach ($condition->lit($scene) as $index => $name) {
            $plate = $this->plates->plate($scene, $name, true);
            if ($index === 0 && $scene->motion->turning !== null) {
                $plate = $this->clay->metered($plate, $scene);
            }
            $part = PlateView::cut($plate, $framing)
                ->weighed(Srgb::WEIGHTS)
                ->linear(($condition->candelasPerUnit[$index] * Srgb::MID_GREY) / Ev100::of(0)->luminance());
            $luminance = $luminance === null ? $part : $luminance->plus($part);
        }
        \assert($luminance !== null);
        $times = max(1, (int) floor($luminance->width / $columns));

        return $luminance->shrunk($times)->resized($columns, $rows);
    }

    /** Metres to whatever lies at a place of the plate: the middle value around it; null for the sky. */
    public function distanceAt(Scene $scene, float $x, float $y): ?float
    {
        $depth = $this->plates->depth($scene, true);
        $reach = 6;
        $column = (int) max($reach, min($depth->width - $reach - 1, $x * $depth->width));
        $row = (int) max($reach, min($depth->height - $reach - 1, $y * $depth->height));
        $levels = array_values(
            unpack('v*', $depth->cut($column - $reach, $row - $reach, 2 * $reach + 1, 2 * $reach + 1)->bytes()) ?: [],
        );
        sort($levels);
        $metres = DepthScale::metres($levels[intdiv(count($levels), 2)]);

        return is_finite($metres) ? $metres : null;
    }

    /**
     * The framed scene, with its sky and what turns in it.
     *
     * @param  array{float, float, float}  $gains  what a cd/m² comes to in each band
     */
    private function scenery(Rendering $rendering, RenderQuality $fineness, array $gains): Light
    {
        [$scene, $framing] = [$rendering->scene, $rendering->optics->framing];
        $light = null;
        foreach ($rendering->condition->lit($scene) as $index => $name) {
            $plate = $index === 0 && $scene->motion->turning !== null
                ? PlateView::framed($this->turning($rendering, $fineness, $name), $framing, $fineness)
                : $this->plates->framed($scene, $name, $framing, $fineness);
            $unit = $rendering->condition->candelasPerUnit[$index];
            $part = $plate->linear(array_map(fn (float $gain): float => $unit * $gain, $gains));
            if ($index === 0 && $rendering->motion->isSilent && $rendering->condition->pulses > 0.0) {
                $part = $this->pulsing($part, $rendering);
            }
            $light = $light === null ? $part : $light->plus($part);
        }
        \assert($light !== null);

        return $scene->motion->stars === null ? $light : $this->withSky($light, $rendering, $fineness, $gains);
    }

    /** The plate with what turns in it. */
    private function turning(Rendering $rendering, RenderQuality $fineness, string $name): Light
    {
        $scene = $rendering->scene;
        $isSmall = PlateView::isSmall($rendering->optics->framing, $fineness);
        \assert($scene->motion->turning !== null);

        return $this->clay->exposed(
            $this->plates->plate($scene, $name, $isSmall),
            $scene,
            $scene->motion->turning,
            $rendering->motion->moment,
            $rendering->exposure->settings->time->exact,
            $isSmall,
        );
    }

    /** @param  array{float, float, float}  $gains */
    private function withSky(Light $light, Rendering $rendering, RenderQuality $fineness, array $gains): Light
    {
        [$view, $framing] = [$rendering->scene->view, $rendering->optics->framing];
        // A pixel sees this much of the sky, in steradians.
        $pixel = (((36 / $view->focalLength35) * $framing->width) / $fineness->width) ** 2;
        \assert($rendering->scene->motion->stars !== null);
        $trails = $rendering->scene->motion->stars->trails(
            $view,
            $rendering->motion->moment,
            $rendering->exposure->settings->time->exact,
            $framing->width / $fineness->width,
        );
        $stars = TrailDrawing::of($this->vips, $trails, $framing, $fineness->width, $fineness->height(), 4);
        $sky =
            $stars === null
                ? $light->weighed([0.0, 0.0, 0.0])
                : $stars->amounts
                    ->softened(self::STAR_SIGMA)
                    ->linear(1 / $pixel)
                    ->placed($stars->left, $stars->top, $fineness->width, $fineness->height(), false);
        if ($rendering->condition->moon !== null) {
            $sky = $sky->plus(MoonDrawing::draw($this->vips, $rendering->condition->moon, $view, $framing, $fineness));
        }
        $isSky = $this->depth($rendering, $fineness)->isMoreThan(DepthScale::LEVELS - 1.5);
        $sky = $sky->linear($gains);

        return $light->plus($isSky->choose($sky, $sky->linear(0.0)));
    }

    /** The picture taken apart by distance and put together again, nearest first, each part blurred by its own disc. */
    private function defocused(Light $light, Rendering $rendering, RenderQuality $fineness): Light
    {
        $depth = $this->depth($rendering, $fineness)->kept();
        $present = array_keys(array_filter($depth->counts())) ?: [0];
        $defocus = Defocus::of(
            $rendering->optics->focalLength,
            $rendering->exposure->settings->aperture->exact,
            $rendering->optics->focused,
            PlateView::pixelsPerMillimetre($rendering, $fineness->width),
            DepthScale::metres(min($present)),
            DepthScale::metres(max($present)),
            $fineness->layers,
            $fineness->sharp,
        );
        $background = $this->backgroundStreak($rendering, $fineness);
        if (count($defocus->radii) === 1) {
            return Streaking::along($light, $background, 0.0);
        }

        $layers = $fineness->isQuick ? new QuickDepth($this->vips, $fineness) : new DepthLayers($this->vips, $fineness);

        return Streaking::along($layers->blur($light, $depth, $present, $defocus), $background, 0.0);
    }

    /** Lamps that pulse, each row of the sensor exposed at a time of its own. */
    private function pulsing(Light $light, Rendering $rendering): Light
    {
        $rows = $rendering->optics->drawnRows(
            fn (int $count): array => RollingShutter::rows(
                $count,
                $rendering->condition->pulses,
                $rendering->exposure->settings->time->exact,
                fmod($rendering->film->seed * 0.618034, 1.0),
            ),
            $light->height,
        );

        return $light->times($this->alongRows($rows, $light->width));
    }

    /** @param  list<float>  $rows  a number for each row */
    private function alongRows(array $rows, int $width): Light
    {
        return Light::fromFloats($this->vips, pack('g*', ...$rows), 1, count($rows), 1)->placed(
            0,
            0,
            $width,
            count($rows),
            true,
        );
    }

    /** As a camera sees it that is turned clockwise; at the corners, where the plate ends, it is mirrored. */
    private function leant(Light $light, float $degrees): Light
    {
        if ($degrees === 0.0) {
            return $light;
        }
        [$sine, $cosine] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];
        [$x, $y] = [($light->width - 1) / 2, ($light->height - 1) / 2];

        return $light
            ->kept()
            ->sent(
                [$cosine, -$sine, $x - $cosine * $x + $sine * $y],
                [$sine, $cosine, $y - $sine * $x - $cosine * $y],
            );
    }

    /** @param  array{float, float, float}  $gains */
    private function withWater(Light $light, Rendering $rendering, RenderQuality $fineness, array $gains): Light
    {
        $scene = $rendering->scene;
        foreach ($scene->motion->falls as $fall) {
            $seconds = $rendering->exposure->settings->time->exact;
            $seen = $scene->view->see($fall->at);
            \assert($seen !== null);
            $pixels =
                (($fall->size * $scene->view->widthsPerMetre($seen['distance'])) / $rendering->optics->framing->width) *
                $fineness->width;
            $radius = abs(PlateView::defocusAt($rendering, $fineness, $seen['distance']));
            // Whole flights overlap: fewer of them draw the same silk.
            $most = $seconds > $fall->flight() ? intdiv($fineness->drops, 3) : $fineness->drops;
            $trails = $fall->trails(
                $scene->view,
                $rendering->motion->moment,
                $seconds,
                $most,
                (1.2 * $rendering->optics->framing->width) / $fineness->width,
            );
            $drawing = TrailDrawing::of(
                $this->vips,
                $trails,
                $rendering->optics->framing,
                $fineness->width,
                $fineness->height(),
                (int) ceil(1.5 * $pixels + $radius) + 3,
            );
            if ($drawing === null) {
                continue;
            }
            // From square plate widths to pixels.
            $cover = $drawing->amounts
                ->linear(($fineness->width / $rendering->optics->framing->width) ** 2 * self::DROP_COVER)
                ->softened(max(0.5, self::DROP_SIGMA * $pixels));
            $cover = ($radius < 0.45 ? $cover : DiscBlur::blur($cover, $radius, $fineness->detail))->clamped()->kept();
            $unit = $rendering->condition->candelasPerUnit[0];
            $colour = array_map(
                fn (float $part, float $gain): float => $part * $unit * $gain,
                $scene->motion->waterColour,
                $gains,
            );
            $behind = $light->cut($drawing->left, $drawing->top, $cover->width, $cover->height);
            $light = $light->with(
                $behind
                    ->times($cover->linear(-1.0, 1.0))
                    ->plus(Light::join([$cover, $cover, $cover])->linear($colour))
                    ->kept(),
                $drawing->left,
                $drawing->top,
            );
        }

        return $light;
    }

    private function backgroundStreak(Rendering $rendering, RenderQuality $fineness): float
    {
        return $rendering->scene->motion->crossing === null
            ? 0.0
            : ($rendering->scene->motion->crossing->backgroundStreak(
                $rendering->scene->view,
                $rendering->exposure->settings->time->exact,
                $rendering->motion->followed,
                $rendering->motion->moment + $rendering->exposure->settings->time->exact / 2,
            ) /
                    $rendering->optics->framing->width) *
                    $fineness->width;
    }

    /** Diffraction: its disc is close to a Gaussian of σ = 0.42·λ·N, which is 0.172 of its diameter. */
    private function softened(Light $light, Rendering $rendering, int $width): Light
    {
        $sigma =
            ((0.172 * Diffraction::at($rendering->exposure->settings->aperture->exact)->airyMicrometres) / 1000) *
            PlateView::pixelsPerMillimetre($rendering, $width);

        return $sigma < 0.25 ? $light : $light->softened($sigma);
    }

    private function depth(Rendering $rendering, RenderQuality $fineness): Light
    {
        return $this->plates->framedDepth($rendering->scene, $rendering->optics->framing, $fineness);
    }

    private function exposure(Rendering $rendering): PlateExposure
    {
        return PlateExposure::of($rendering->exposure->settings, $rendering->film->sensor);
    }

    private function deviates(int $width, int $height): Light
    {
        return $this->plates->made(
            sprintf('deviates-%dx%d', $width, $height),
            fn (): Light => Light::join([
                Light::deviates($this->vips, $width, $height, 11),
                Light::deviates($this->vips, $width, $height, 12),
                Light::deviates($this->vips, $width, $height, 13),
            ]),
        );
    }
}
