<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

/** By how much neighbouring cells of a picture differ: what lies between them may be an edge. */
final readonly class CellEdges
{
    /** At the border, where there is no neighbour: more than red, green and blue can differ by together. */
    public const NONE = 766;

    /**
     * @param  list<int>  $across  codes of red, green and blue added up, from each cell to the one right of it
     * @param  list<int>  $down  to the one below it
     */
    private function __construct(public int $columns, public array $across, public array $down)
    {
    }

    public static function of(ColourGrid $grid): self
    {
        [$w, $h] = [$grid->columns, $grid->rows];
        /** @var list<int> $code */
        $code = array_values(unpack('C*', $grid->bytes) ?: []);
        [$across, $down] = [[], []];
        for ($y = 0, $at = 0; $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++, $at += 3) {
                [$r, $g, $b, $to] = [$code[$at], $code[$at + 1], $code[$at + 2], $at + 3 * $w];
                $across[] = $x < $w - 1
                    ? abs($r - $code[$at + 3]) + abs($g - $code[$at + 4]) + abs($b - $code[$at + 5])
                    : self::NONE;
                $down[] = $y < $h - 1
                    ? abs($r - $code[$to]) + abs($g - $code[$to + 1]) + abs($b - $code[$to + 2])
                    : self::NONE;
            }
        }

        return new self($w, $across, $down);
    }

    /**
     * The least that has to be crossed on a way from some cells to each of others, by what a difference costs. Four
     * sweeps over the cells come near enough.
     *
     * @param  list<int>  $from
     * @param  list<int>  $to  in their order, row by row
     * @param  callable(int): float  $cost  of going from a cell to its neighbour, by how much the two differ
     * @return array<int, float> by cell, of all cells; INF where nobody came
     */
    public function crossed(array $from, array $to, callable $cost): array
    {
        $costs = [...array_map($cost, range(0, self::NONE - 1)), INF];
        $way = array_fill(0, count($this->across), INF);
        foreach ($from as $cell) {
            $way[$cell] = 0.0;
        }
        [$w, $back] = [$this->columns, array_reverse($to)];
        foreach ([1, 2] as $_) {
            foreach ($to as $i) {
                $way[$i] = min(
                    $way[$i],
                    $i > 0 ? $way[$i - 1] + $costs[$this->across[$i - 1]] : INF,
                    $i >= $w ? $way[$i - $w] + $costs[$this->down[$i - $w]] : INF,
                );
            }
            foreach ($back as $i) {
                $way[$i] = min(
                    $way[$i],
                    ($way[$i + 1] ?? INF) + $costs[$this->across[$i]],
                    ($way[$i + $w] ?? INF) + $costs[$this->down[$i]],
                );
            }
        }

        return $way;
    }
}
