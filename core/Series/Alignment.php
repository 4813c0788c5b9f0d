<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Raster\Correlation;
use TruePupil\Core\Raster\GreyGrid;
use WeakMap;

/**
 * How far two pictures of one scene are shifted against each other: the shift at which they correlate best, whatever
 * their exposure.
 */
final readonly class Alignment
{
    /** Cells that are tried to every side. */
    private const REACH = 8;

    /** So many where the best of these lies at their rim. */
    private const FAR = 24;

    /** So many round what was best at half the size. */
    private const FINE = 2;

    /** Every second cell is compared: enough to tell, and four times quicker. */
    private const STRIDE = 2;

    /** Below this correlation two frames are hardly of one scene, and a shift between them says nothing. */
    private const ALIKE = 0.6;

    private function __construct(
        /** % of the width; positive: the second lies further right. */
        public float $across,
        /** % of the width; positive: the second lies further down. */
        public float $down,
        /** Correlation at that shift, −1 to 1: low where the pictures are of different things. */
        public float $likeness,
    ) {
    }

    /** @return ?self null for pictures of different shapes */
    public static function between(GreyGrid $first, GreyGrid $second): ?self
    {
        if ($first->columns !== $second->columns || $first->rows !== $second->rows) {
            return null;
        }
        // Many rules ask the same of a row, and of each suggestion for it.
        /** @var WeakMap<GreyGrid, WeakMap<GreyGrid, self>> $known */
        static $known = new WeakMap();
        /** @var WeakMap<GreyGrid, self> $ofFirst */
        $ofFirst = $known[$first] ?? new WeakMap();
        $known[$first] = $ofFirst;

        return $ofFirst[$second] ??= self::found($first, $second);
    }

    private static function found(GreyGrid $first, GreyGrid $second): self
    {
        $pair = new Correlation($first, $second);
        // At half the size first, and finely round what is best there.
        $half = new Correlation($first->halved(), $second->halved());
        $best = self::finely($pair, self::best($half, [0, 0], intdiv(self::REACH, 2), 1));
        if (max(abs($best[0]), abs($best[1])) >= self::REACH || $best[2] < self::ALIKE) {
            $best = self::finely($pair, self::best($half, [0, 0], intdiv(self::FAR, 2), self::STRIDE));
        }

        return new self((100 * $best[0]) / $first->columns, (100 * $best[1]) / $first->columns, $best[2]);
    }

    /**
     * @param  array{int, int, float}  $coarse  at half the size
     * @return array{int, int, float}
     */
    private static function finely(Correlation $pair, array $coarse): array
    {
        return self::best($pair, [2 * $coarse[0], 2 * $coarse[1]], self::FINE, self::STRIDE);
    }

    /**
     * @param  list<GreyGrid>  $pictures
     * @return ?self
     *   of the picture that lies farthest from the first, or from the one before it; null where none is of one scene
     */
    public static function largest(array $pictures): ?self
    {
        $largest = null;
        foreach (array_slice($pictures, 1) as $index => $picture) {
            foreach (array_unique([0, $index]) as $other) {
                $found = self::between($pictures[$other], $picture);
                if (
                    $found !== null &&
                    $found->likeness >= self::ALIKE &&
                    ($largest === null || $found->distance() > $largest->distance())
                ) {
                    $largest = $found;
                }
            }
        }

        return $largest;
    }

    /**
     * @param  array{int, int}  $round
     * @param  int  $reach  cells that are tried to every side
     * @param  int  $stride  every so many cells are compared
     * @return array{int, int, float} shift across and down, and the likeness there
     */
    private static function best(Correlation $pair, array $round, int $reach, int $stride): array
    {
        $best = [0, 0, -2.0];
        for ($dy = $round[1] - $reach; $dy <= $round[1] + $reach; $dy++) {
            for ($dx = $round[0] - $reach; $dx <= $round[0] + $reach; $dx++) {
                $likeness = $pair->at($dx, $dy, $stride, $stride);
                // A tie goes to the smaller shift.
                if (
                    $likeness > $best[2] + 1e-9 ||
                    (abs($likeness - $best[2]) <= 1e-9 && abs($dx) + abs($dy) < abs($best[0]) + abs($best[1]))
                ) {
                    $best = [$dx, $dy, $likeness];
                }
            }
        }

        return $best;
    }

    /** % of the width. */
    public function distance(): float
    {
        return hypot($this->across, $this->down);
    }
}
