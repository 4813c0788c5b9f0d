<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;

/**
 * The strong edges of a picture: noise, as the plainest cells show it, is taken off, and cells that hold no more than
 * noise say nothing. A subject is a small part of most pictures, so that nothing is worked out for cells that nobody
 * asks for.
 */
final class EdgeField
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

    private readonly float $least;

    /** @var ?array{EdgeEnergy, EdgeEnergy} fine and blurred, without noise, of all cells */
    private ?array $whole = null;

    /** @param  array{fine: array{float, float, float}, blurred: array{float, float, float}}  $noise */
    private function __construct(public readonly DetailMap $map, public readonly array $noise, float $least)
    {
        $this->least = max($least, self::ABOVE_NOISE * ($noise['fine'][0] + $noise['fine'][1]));
    }

    /** @param  ?self  $whole  the picture that this is a part of: a part has no plain cells to know its noise from */
    public static function of(DetailMap $map, ?self $whole = null): self
    {
        return new self($map, $whole->noise ?? self::noise($map), self::LEAST);
    }

    /** With weak edges too: they may tell that something is soft, but never that it is sharp. */
    public function withFaintEdges(): self
    {
        return new self($this->map, $this->noise, self::FAINT);
    }

    /** @return list<int> the cells with strong edges */
    public function judged(): array
    {
        $least = $this->least;

        return array_keys(array_filter($this->whole()[0]->total(), fn (float $energy): bool => $energy >= $least));
    }

    /**
     * @return list<int>
     *   the judged cells within the ellipse that a rectangle holds: what is marked fills it, and its corners show what
     *   lies behind; where its shape is known, within that
     */
    public function within(Region $region, ?SubjectShape $shape = null): array
    {
        $cells = $this->inShape($region, $shape);
        $judged = [];
        foreach ($cells === [] ? [] : $this->energies($cells)[0]->total() as $index => $energy) {
            if ($energy >= $this->least) {
                $judged[] = $cells[$index];
            }
        }

        return $judged;
    }

    /** How many cells there are, judged or not, in the same place. */
    public function cellsWithin(Region $region, ?SubjectShape $shape = null): int
    {
        return count($this->inShape($region, $shape));
    }

    /**
     * The blur of the edges of some cells together, each counting by how strong its edges are.
     *
     * @param  list<int>  $cells
     * @return ?float pixels; null where there are no edges to go by
     */
    public function blur(array $cells): ?float
    {
        if ($cells === []) {
            return null;
        }
        [$fine, $blurred] = $this->energies($cells);

        return self::together($total = $fine->total(), $total, $blurred->total());
    }

    /**
     * The same, of what one meets going one way, for ways at even distances.
     *
     * @param  list<int>  $cells
     * @return list<array{float, float}> blur and degrees; without ways across which no edges stand
     */
    public function ways(array $cells): array
    {
        if ($cells === []) {
            return [];
        }
        [$fine, $blurred] = $this->energies($cells);
        $total = $fine->total();
        $ways = [];
        for ($degrees = 0.0; $degrees < 180.0; $degrees += Smear::STEP) {
            $blur = self::together($total, $fine->along($degrees), $blurred->along($degrees));
            if ($blur !== null) {
                $ways[] = [$blur, $degrees];
            }
        }

        return $ways;
    }

    /**
     * @param  list<int>  $cells  judged ones
     * @return array<int, float> blur by cell, pixels
     */
    public function blurs(array $cells): array
    {
        if ($cells === []) {
            return [];
        }
        [$fine, $blurred] = array_map(fn (EdgeEnergy $energy): array => $energy->total(), $this->energies($cells));
        $blurs = [];
        foreach ($cells as $index => $cell) {
            $blurs[$cell] = EdgeBlur::of($fine[$index], $blurred[$index]);
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
        [$finely, $blurredly] = $this->whole();
        $total = $finely->total();
        $fine = $degrees === null ? $total : $finely->along($degrees);
        $blurred = $degrees === null ? $blurredly->total() : $blurredly->along($degrees);
        // One way, a cell holds about half of what it holds both ways.
        $least = $degrees === null ? $this->least : $this->least / 2;
        $parts = array_map(
            fn (float $fine, float $blurred, float $total): array => $fine < $least || $fine < self::ONE_WAY * $total
                ? [0.0, 0.0, 0]
                : [sqrt($fine), $blurred / sqrt($fine), 1],
            $fine,
            $blurred,
            $total,
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

    /** @return list<int> row by row */
    private function inShape(Region $region, ?SubjectShape $shape): array
    {
        ['x' => $across, 'y' => $down] = $region->centre();
        [$columns, $rows] = [$this->map->columns, $this->map->rows];
        $within = [];
        // None lies outside the rectangle itself.
        $last = min($rows - 1, (int) floor(($region->y + $region->height) * $rows));
        $end = min($columns - 1, (int) floor(($region->x + $region->width) * $columns));
        for ($row = (int) floor($region->y * $rows); $row <= $last; $row++) {
            $y = ($row + 0.5) / $rows;
            for ($column = (int) floor($region->x * $columns); $column <= $end; $column++) {
                $x = ($column + 0.5) / $columns;
                $isIn = $shape?->holds($x, $y)
                    ?? hypot(($x - $across) / $region->width, ($y - $down) / $region->height) <= 0.5;
                if ($isIn) {
                    $within[] = $row * $columns + $column;
                }
            }
        }

        return $within;
    }

    /**
     * @param  list<float>  $total  what each cell holds both ways
     * @param  list<float>  $fine  the same, or one way alone
     * @param  list<float>  $blurred
     */
    private static function together(array $total, array $fine, array $blurred): ?float
    {
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

    /**
     * @param  list<int>  $cells  at least one
     * @return array{EdgeEnergy, EdgeEnergy} fine and blurred, without noise
     */
    private function energies(array $cells): array
    {
        return $this->whole === null
            ? [
                $this->map->fine->of($cells)->without($this->noise['fine']),
                $this->map->blurred->of($cells)->without($this->noise['blurred']),
            ]
            : [$this->whole[0]->of($cells), $this->whole[1]->of($cells)];
    }

    /** @return array{EdgeEnergy, EdgeEnergy} the same of all cells */
    private function whole(): array
    {
        return $this->whole ??= [
            $this->map->fine->without($this->noise['fine']),
            $this->map->blurred->without($this->noise['blurred']),
        ];
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
