<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\PixelStatistics;

/**
 * What a pixel engine takes from the one decode of a picture, upright and in sRGB: enough for everything that is asked
 * later, whatever is marked.
 */
final class PixelReading
{
    /** Side of the square round an eye, as a share of the longer side of the picture. */
    public const FACE = 0.15;

    /** Cells along it on the map of close edges. */
    public const FACE_CELLS = 15;

    private ?PixelStatistics $statistics = null;

    private ?LuminanceGrid $luminance = null;

    private ?ColourGrid $colours = null;

    public function __construct(
        public readonly int $width,
        public readonly int $height,
        public readonly PixelSamples $samples,
        public readonly DetailMap $detail,
        private readonly ReadingParts $parts,
        /** Where the picture is the one embedded in a camera raw file. */
        public readonly ?SensorPreview $preview = null,
        private ?Overview $overview = null,
    ) {
    }

    public function statistics(): PixelStatistics
    {
        return $this->statistics ??= $this->parts->statistics();
    }

    public function luminance(): LuminanceGrid
    {
        return $this->luminance ??= $this->parts->luminance();
    }

    public function colours(): ColourGrid
    {
        // What is made of them for one measure serves the others.
        return $this->colours ??= $this->parts->colours();
    }

    /** Worked out once. */
    public function overview(): Overview
    {
        return $this->overview ??= Overview::of(
            FirstLook::of(new SmallMaps($this->luminance(), $this->colours(), $this->width / $this->height)),
            $this->detail,
        );
    }

    public function ends(): ?EndAreas
    {
        return $this->parts->ends();
    }

    public function statisticsIn(Region $region, ?SubjectShape $shape = null): PixelStatistics
    {
        return $this->samples->within($region, shape: $shape);
    }

    /** @param  array{float, float}  $eye  across and down, as fractions */
    public function faceRound(array $eye): FaceReading
    {
        $detail = $this->parts->closeDetail();
        $side = min(self::FACE_CELLS, $detail->columns, $detail->rows);
        $grid = $this->colours();
        $wide = min($grid->columns, $grid->rows, max(1, (int) round(self::FACE * max($grid->columns, $grid->rows))));

        return new FaceReading(
            $detail->cut(
                self::start($eye[0], $detail->columns, $side),
                self::start($eye[1], $detail->rows, $side),
                $side,
                $side,
            ),
            $grid->cut(
                self::start($eye[0], $grid->columns, $wide),
                self::start($eye[1], $grid->rows, $wide),
                $wide,
                $wide,
            ),
        );
    }

    /** The first of so many cells round a place, all of them within. */
    private static function start(float $place, int $count, int $side): int
    {
        return (int) max(0, min($count - $side, round($place * $count - $side / 2)));
    }
}
