<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use TruePupil\Core\Composition\Region;

/**
 * The strong edges of a picture: noise, as the plainest cells show it, is taken off, and cells that hold no more than
 * noise say nothing.
 */
final readonly class EdgeField
{
    /** Share of the cells, the plainest ones, whose changes count as noise. */
    private const PLAIN = 0.1;

    /** Squared codes per pixel: a cell with weaker edges than these is not judged. */
    private const LEAST = 4.0;

    /** The same where only softness is looked for: edges that are spread far are weak. */
    private const FAINT = 0.5;

    /** The same, as a multiple of the noise. */
    private const ABOVE_NOISE = 4.0;

    /** Of what the edges hold both ways, as much must lie one way for a blur that way: half is an even mixture. */
    private const ONE_WAY = 0.15;

    /** Of the nine cells of a window, as many must hold edges. */
    private const OF_WINDOW = 4;

    /**
     * @param  array{fine: array{float, float, float}, blurred: array{float, float, float}}  $noise
     * @param  list<int>  $judged  cells with strong edges
     */
    private function __construct(
        public DetailMap $map,
        public array $noise,
        private EdgeEnergy $fine,
        private EdgeEnergy $blurred,
        private float $least,
        public array $judged,
    ) {
    }

    /** @param  ?self  $whole  the picture that this is a part of: a part has no plain cells to know its noise from */
    public static function of(DetailMap $map, ?self $whole = null): self
    {
        return self::from($map, $whole->noise ?? self::noise($map), self::LEAST);
    }

    /** With weak edges too: they may tell that something is soft, but never that it is sharp. */
    public function withFaintEdges(): self
    {
        return self::from($this->map, $this->noise, self::FAINT);
    }

    /** @param  array{fine: array{float, float, float}, blurred: array{float, float, float}}  $noise */
    private static function from(DetailMap $map, array $noise, float $least): self
    {
        $fine = $map->fine->without($noise['fine']);
        $least = max($least, self::ABOVE_NOISE * ($noise['fine'][0] + $noise['fine'][1]));

        return new self(
            $map,
            $noise,
            $fine,
            $map->blurred->without($noise['blurred']),
            $least,
            array_keys(array_filter($fine->total(), fn (float $energy): bool => $energy >= $least)),
        );
    }

    /**
     * @return list<int>
     *   the judged cells within the ellipse that a rectangle holds: what is marked fills it, and its corners show what
     *   lies behind
     */
    public function within(Region $region): array
    {
        return $this->inEllipse($this->judged, $region);
    }

    /** How many cells there are, judged or not, in the same ellipse. */
    public function cellsWithin(Region $region): int
    {
        // None lies outside the rectangle itself.
        [$columns, $rows] = [$this->map->columns, $this->map->rows];
        $cells = [];
        $last = min($rows - 1, (int) floor(($region->y + $region->height) * $rows));
        for ($row = (int) floor($region->y * $rows); $row <= $last; $row++) {
            $end = min($columns - 1, (int) floor(($region->x + $region->width) * $columns));
            for ($column = (int) floor($region->x * $columns); $column <= $end; $column++) {
                $cells[] = $row * $columns + $column;
            }
        }

        return count($this->inEllipse($cells, $region));
    }

    /**
     * The blur of the edges of some cells together, each counting by how strong its edges are.
     *
     * @param  list<int>  $cells
     * @param  ?float  $degrees  going this way; every way when null
     * @return ?float pixels; null where there are no edges to go by, or none that stand across that way
     */
    public function blur(array $cells, ?float $degrees = null): ?float
    {
        if ($cells === []) {
            return null;
        }
        // Of these cells alone: a subject is a small part of most pictures.
        [$finely, $blurredly] = [$this->fine->of($cells), $this->blurred->of($cells)];
        $total = $finely->total();
        $fine = $degrees === null ? $total : $finely->along($degrees);
        $blurred = $degrees === null ? $blurredly->total() : $blurredly->along($degrees);
        $sums = [0.0, 0.0];
        $both = 0.0;
        foreach ($total as $index => $energy) {
            // By the slope, not by its square: one hard edge must not drown all others.
            $slope = sqrt($energy);
            $sums[0] += $fine[$index] / $slope;
            $sums[1] += $blurred[$index] / $slope;
            $both += $slope;
        }

        return $sums[0] > 0.0 && $sums[0] >= self::ONE_WAY * $both ? EdgeBlur::of(...$sums) : null;
    }

    /** @return array<int, float> blur by judged cell, pixels */
    public function blurs(): array
    {
        [$fine, $blurred] = $this->energies(null);
        $blurs = [];
        foreach ($this->judged as $cell) {
            $blurs[$cell] = EdgeBlur::of($fine[$cell], $blurred[$cell]);
        }

        return $blurs;
    }

    /**
     * The blur of windows of three by three cells, by the cell in their middle; those with too few edges are left out.
     *
     * @param  ?float  $degrees  going this way; every way when null
     * @return array<int, float>
     */
    public function windows(?float $degrees = null): array
    {
        [$fine, $blurred] = $this->energies($degrees);
        // One way, a cell holds about half of what it holds both ways.
        $least = $degrees === null ? $this->least : $this->least / 2;
        $parts = array_map(
            fn (float $fine, float $blurred, float $total): array => $fine < $least || $fine < self::ONE_WAY * $total
                ? [0.0, 0.0, 0]
                : [sqrt($fine), $blurred / sqrt($fine), 1],
            $fine,
            $blurred,
            $this->fine->total(),
        );
        [$columns, $rows] = [$this->map->columns, $this->map->rows];
        $threes = [];
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 1; $x < $columns - 1; $x++) {
                $cell = $y * $columns + $x;
                [$left, $middle, $right] = [$parts[$cell - 1], $parts[$cell], $parts[$cell + 1]];
                $threes[$cell] = [
                    $left[0] + $middle[0] + $right[0],
                    $left[1] + $middle[1] + $right[1],
                    $left[2] + $middle[2] + $right[2],
                ];
            }
        }
        $windows = [];
        for ($y = 1; $y < $rows - 1; $y++) {
            for ($x = 1; $x < $columns - 1; $x++) {
                $cell = $y * $columns + $x;
                [$above, $middle, $below] = [$threes[$cell - $columns], $threes[$cell], $threes[$cell + $columns]];
                if ($above[2] + $middle[2] + $below[2] >= self::OF_WINDOW) {
                    $windows[$cell] = EdgeBlur::of(
                        $above[0] + $middle[0] + $below[0],
                        $above[1] + $middle[1] + $below[1],
                    );
                }
            }
        }

        return $windows;
    }

    /**
     * @param  list<int>  $cells
     * @return list<int>
     */
    private function inEllipse(array $cells, Region $region): array
    {
        ['x' => $across, 'y' => $down] = $region->centre();

        [$columns, $rows] = [$this->map->columns, $this->map->rows];
        $within = [];
        foreach ($cells as $cell) {
            $x = (($cell % $columns) + 0.5) / $columns;
            $y = (intdiv($cell, $columns) + 0.5) / $rows;
            if (hypot(($x - $across) / $region->width, ($y - $down) / $region->height) <= 0.5) {
                $within[] = $cell;
            }
        }

        return $within;
    }

    /** @return array{list<float>, list<float>} fine and blurred */
    private function energies(?float $degrees): array
    {
        return $degrees === null
            ? [$this->fine->total(), $this->blurred->total()]
            : [$this->fine->along($degrees), $this->blurred->along($degrees)];
    }

    /** @return array{fine: array{float, float, float}, blurred: array{float, float, float}} */
    private static function noise(DetailMap $map): array
    {
        // The second blur takes most of the noise, so what is plain after it is plain.
        $energies = $map->blurred->total();
        asort($energies);
        $plain = array_slice(array_keys($energies), 0, max(1, (int) floor(self::PLAIN * count($energies))));

        return ['fine' => $map->fine->mean($plain), 'blurred' => $map->blurred->mean($plain)];
    }
}
