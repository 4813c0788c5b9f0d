<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Seen\SeenFace;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/** Light and sharpness of one face that was found. */
final readonly class FaceMeasures
{
    /** Sides of a face left out, where hair and ground begin. */
    private const RIM = 0.12;

    /** Eyes closer together, as a share of the longer side, lie in one square of the map of close edges. */
    private const EYES_APART = 0.045;

    /** Pupils are looked at within so many distances of the eyes, and the skin round them up to so many. */
    private const PUPIL = 0.1;

    private const SKIN = 0.35;

    /** How many times as much red light as green and blue makes a cell red, and from which code. */
    private const RED = 2.2;

    private const SHINES = 70;

    /** Shares of red cells that make a red pupil, and of those round it that would make the whole face red. */
    private const RED_PUPIL = 0.3;

    private const RED_FACE = 0.05;

    public function __construct(
        /** Mean light on it, stops from mid-grey. */
        public float $stops,
        /** Stops by which its lighter half is lighter than the other; the halves are those of the picture. */
        public float $between,
        /** Stops by which one half is warmer than the other, as AreaWarmth has warmth. */
        public float $warmthBetween,
        /** Sharpness of the nearer eye against the other, as a ratio; null where they are too close to part. */
        public ?float $nearerEye = null,
        public bool $hasRedPupils = false,
    ) {
    }

    /** @return ?self null where the face is too small to be measured */
    public static function of(SeenFace $face, PixelReading $reading, ?FocusMeasures $focus): ?self
    {
        $box = $face->box;
        [$width, $height] = [(1 - 2 * self::RIM) * $box->width, (1 - 2 * self::RIM) * $box->height];
        [$left, $top] = [$box->x + self::RIM * $box->width, $box->y + self::RIM * $box->height];
        if ($width * $reading->width < 16 || $height * $reading->height < 16) {
            return null;
        }
        $halves = [
            Region::of($left, $top, $width / 2, $height),
            Region::of($left + $width / 2, $top, $width / 2, $height),
        ];
        $stops = array_map(
            fn (Region $half): float => ToneMeasures::from($reading->statisticsIn($half))->meanStops,
            $halves,
        );
        $grid = $reading->colours();
        $warmth = array_map(
            fn (Region $half): float => AreaWarmth::over(self::cells($grid, $half), $grid) ?? 0.0,
            $halves,
        );

        return new self(
            log((2 ** $stops[0] + 2 ** $stops[1]) / 2, 2),
            abs($stops[0] - $stops[1]),
            abs($warmth[0] - $warmth[1]),
            self::nearer($face, $reading, $focus),
            self::red($face, $reading, 0) && self::red($face, $reading, 1),
        );
    }

    public function brightened(Stops $stops): self
    {
        return new self(
            $this->stops + $stops->value,
            $this->between,
            $this->warmthBetween,
            $this->nearerEye,
            $this->hasRedPupils,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'stops' => round($this->stops, 3),
            'between' => round($this->between, 3),
            'warmthBetween' => round($this->warmthBetween, 3),
            'nearerEye' => $this->nearerEye === null ? null : round($this->nearerEye, 3),
            'redPupils' => $this->hasRedPupils,
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        $number = fn (string $key): float => is_numeric($stored[$key] ?? null) ? (float) $stored[$key] : 0.0;

        return new self(
            $number('stops'),
            $number('between'),
            $number('warmthBetween'),
            is_numeric($stored['nearerEye'] ?? null) ? (float) $stored['nearerEye'] : null,
            ($stored['redPupils'] ?? false) === true,
        );
    }

    private static function nearer(SeenFace $face, PixelReading $reading, ?FocusMeasures $focus): ?float
    {
        $longer = max($reading->width, $reading->height);
        if ($focus === null || self::eyesApart($face, $reading) / $longer < self::EYES_APART) {
            return null;
        }
        $sharpness = array_map(
            fn (array $eye): ?float => $focus
                ->marked($reading->detail, null, $reading->faceRound($eye)->detail)
                ->eye?->sharpness,
            $face->eyes,
        );
        [$near, $far] = [$sharpness[$face->nearerEye()], $sharpness[1 - $face->nearerEye()]];

        return $near === null || $far === null || $far <= 0.0 ? null : $near / $far;
    }

    /** Pixels. */
    private static function eyesApart(SeenFace $face, PixelReading $reading): float
    {
        [$one, $other] = $face->eyes;

        return hypot(($other[0] - $one[0]) * $reading->width, ($other[1] - $one[1]) * $reading->height);
    }

    /** A flash close to the lens is mirrored red by the back of the eye. */
    private static function red(SeenFace $face, PixelReading $reading, int $eye): bool
    {
        $grid = $reading->colours();
        $apart = self::eyesApart($face, $reading);
        [$x, $y] = [$face->eyes[$eye][0] * $reading->width, $face->eyes[$eye][1] * $reading->height];
        $counts = ['pupil' => [0, 0], 'skin' => [0, 0]];
        $reach = self::SKIN * $apart;
        $part = [
            max(0.0, ($x - $reach) / $reading->width),
            max(0.0, ($y - $reach) / $reading->height),
            min(1.0, ($x + $reach) / $reading->width),
            min(1.0, ($y + $reach) / $reading->height),
        ];
        $square = Region::of($part[0], $part[1], $part[2] - $part[0], $part[3] - $part[1]);
        foreach (self::cells($grid, $square) as $i) {
            $away = hypot(
                (($i % $grid->columns) + 0.5) / $grid->columns * $reading->width - $x,
                (intdiv($i, $grid->columns) + 0.5) / $grid->rows * $reading->height - $y,
            );
            $where = $away <= self::PUPIL * $apart ? 'pupil' : 'skin';
            [$red, $green, $blue] = array_map(
                fn (int $channel): int => ord($grid->bytes[3 * $i + $channel]),
                [0, 1, 2],
            );
            $counts[$where][0]++;
            $counts[$where][1] += $red >= self::SHINES && self::isRed($red, max($green, $blue)) ? 1 : 0;
        }
        [[$pupil, $redPupil], [$skin, $redSkin]] = [$counts['pupil'], $counts['skin']];

        return $pupil >= 4 && $redPupil / $pupil >= self::RED_PUPIL && $redSkin <= self::RED_FACE * $skin;
    }

    private static function isRed(int $red, int $other): bool
    {
        return Srgb::linear($red / 255) >= self::RED * Srgb::linear($other / 255);
    }

    /** @return iterable<int> */
    private static function cells(ColourGrid $grid, Region $part): iterable
    {
        [$left, $top] = [(int) floor($part->x * $grid->columns), (int) floor($part->y * $grid->rows)];
        $right = (int) ceil(($part->x + $part->width) * $grid->columns);
        $bottom = (int) ceil(($part->y + $part->height) * $grid->rows);
        for ($y = $top; $y < min($bottom, $grid->rows); $y++) {
            for ($x = $left; $x < min($right, $grid->columns); $x++) {
                yield $y * $grid->columns + $x;
            }
        }
    }
}
