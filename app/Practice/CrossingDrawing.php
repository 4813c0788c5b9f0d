<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\RollingShutter;

/** Draws what crosses a scene where it is, lit as it is there, out of focus and streaked as it moves. */
final readonly class CrossingDrawing
{
    /** Width of the edge between sun and shade, m. */
    private const SHADE_EDGE = 0.3;

    public function __construct(private Vips $vips, private PlateStore $plates)
    {
    }

    /** @param  array{float, float, float}  $gains */
    public function over(Light $light, Rendering $rendering, RenderQuality $fineness, array $gains): Light
    {
        $crossing = $rendering->scene->motion->crossing;
        if ($crossing === null) {
            return $light;
        }
        [$seconds, $view, $isSmall] = [
            $rendering->exposure->settings->time->exact,
            $rendering->scene->view,
            PlateView::isSmall($rendering->optics->framing, $fineness),
        ];
        // The panning camera's aim goes with the subject; the plate stays, so the subject is drawn where it is
        // half-way.
        $middle = $rendering->motion->moment + $seconds / 2;
        $perMetre = $view->widthsPerMetre($crossing->distanceAt($middle));
        $at = $crossing->at($middle) * $perMetre;
        $part = $this->crossingPart($rendering, $fineness, $at, $middle);
        $streak = $crossing->streak($view, $seconds, $rendering->motion->followed, $middle);
        // Drawn out over many frames it has passed without a trace.
        if (
            $part === null ||
            abs($streak) > Streaking::LONGEST * $rendering->optics->framing->width
        ) {
            return $light;
        }
        $inSun = $this->plates->mover($rendering->scene, true, $isSmall);
        $moved = fn (Light $mover): Light => $this->movedTo($mover, $rendering, $at, $middle);
        $mover = $moved($inSun);
        if ($crossing->sunFrom !== null) {
            $inShade = $this->plates->mover($rendering->scene, false, $isSmall);
            // Each part of it is lit by where it is; the shade's edge is as soft as the sun is wide.
            $pixels = $perMetre * $inSun->width;
            $lit = Light::positions($this->vips, $inSun->width, $inSun->height)
                ->band(0)
                ->linear(
                    1 / (self::SHADE_EDGE * $pixels),
                    0.5 - (0.5 * $inSun->width + $crossing->sunFrom * $pixels) / (self::SHADE_EDGE * $pixels),
                )
                ->clamped();
            $mover = $mover->times($lit)->plus($moved($inShade)->times($lit->linear(-1.0, 1.0)));
        }
        $mover = PlateView::framed($mover, $rendering->optics->framing, $fineness)
            ->cut(...$part)
            ->kept();
        $radius = abs(PlateView::defocusAt($rendering, $fineness, $crossing->distanceAt($middle)));
        $mover = $radius < 0.45 ? $mover : DiscBlur::blur($mover, $radius, $fineness->detail);
        $mover = Streaking::along(
            $mover,
            ($streak / $rendering->optics->framing->width) * $fineness->width,
            0.0,
            false,
        )->kept();
        $colour = $mover
            ->band(0, 3)
            ->linear(array_map(fn (float $gain): float => $gain * $rendering->condition->candelasPerUnit[0], $gains));

        return $light->with(
            $light
                ->cut(...$part)
                ->times(
                    $mover
                        ->band(3)
                        ->linear(-1.0, 1.0)
                        ->clamped(),
                )
                ->plus($colour)
                ->kept(),
            $part[0],
            $part[1],
        );
    }

    /**
     * The picture of what crosses, where it is at a moment, as large as it is seen then, and leaning by the time that a
     * silent shutter takes from the top row to the bottom one.
     *
     * @param  float  $at  plate widths from the plate's middle
     */
    private function movedTo(Light $mover, Rendering $rendering, float $at, float $moment): Light
    {
        $crossing = $rendering->scene->motion->crossing;
        \assert($crossing !== null);
        $growth = $crossing->growth($moment);
        if ($growth === 1.0 && ! $rendering->motion->isSilent) {
            return $mover->shifted((int) round($at * $mover->width), 0, false);
        }
        $leanAt = fn (float $y): float => $rendering->motion->isSilent
            ? RollingShutter::lean(
                $crossing->across($rendering->scene->view, $moment) * (1 - $rendering->motion->followed),
                $rendering->optics->row($y),
            ) * $mover->width
            : 0.0;
        $perRow = ($leanAt(1.0) - $leanAt(0.0)) / $mover->height;
        [$x, $y] = [($mover->width - 1) / 2, ($mover->height - 1) / 2];

        return $mover->sent(
            [1 / $growth, -$perRow / $growth, $x - ($x + $at * $mover->width + $leanAt(0.0)) / $growth],
            [0.0, 1 / $growth, $y - $y / $growth],
            false,
        );
    }

    /**
     * The part of the picture that the crossing subject, its shadow, its blur and its streak can reach.
     *
     * @param  float  $at  plate widths from the plate's middle
     * @param  float  $moment  s, half-way through the exposure
     * @return ?array{int, int, int, int} left, top, width and height in pixels; null when it is out of the frame
     */
    private function crossingPart(Rendering $rendering, RenderQuality $fineness, float $at, float $moment): ?array
    {
        [$motion, $framing] = [$rendering->scene->motion, $rendering->optics->framing];
        $crossing = $motion->crossing;
        \assert($crossing !== null && $motion->mover !== null);
        $scale = $fineness->width / $framing->width;
        $reach =
            (abs(
                $crossing->streak(
                    $rendering->scene->view,
                    $rendering->exposure->settings->time->exact,
                    $rendering->motion->followed,
                    $moment,
                ),
            ) *
                $scale) /
                2 +
            2 * abs(PlateView::defocusAt($rendering, $fineness, $crossing->distanceAt($moment))) +
            4;
        if ($rendering->motion->isSilent) {
            $reach += abs(RollingShutter::lean($crossing->across($rendering->scene->view, $moment), 0.0)) * $scale;
        }
        $growth = $crossing->growth($moment);
        [$left, $top, $right, $bottom] = array_map(
            fn (float $edge): float => 0.5 + ($edge - 0.5) * $growth,
            $motion->mover->cut,
        );
        $from = (int) max(0, floor(($left + $at - $framing->x) * $scale - $reach));
        $to = (int) min($fineness->width, ceil(($right + $at - $framing->x) * $scale + $reach));
        $above = (int) max(0, floor((($top - $framing->y) / $framing->height) * $fineness->height() - $reach));
        $below = (int) min(
            $fineness->height(),
            ceil((($bottom - $framing->y) / $framing->height) * $fineness->height() + $reach),
        );

        return $to - $from < 2 || $below - $above < 2 ? null : [$from, $above, $to - $from, $below - $above];
    }
}
