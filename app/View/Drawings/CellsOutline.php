<?php

declare(strict_types=1);

namespace App\View\Drawings;

/** Cells of a grid as the outline that surrounds them, in the units of a drawing. */
final readonly class CellsOutline
{
    /**
     * @param  list<int>  $columns  that are drawn, from the left
     * @param  list<int>  $rows  that are drawn, from the top
     */
    public function __construct(
        private array $columns,
        private array $rows,
        private float $left,
        private float $top,
        private float $width,
        private float $height,
    ) {
    }

    /**
     * The runs of neighbouring columns that have as many are joined to one outline each.
     *
     * @param  list<array{int, int}>  $cells  column and row
     * @return string the d of a path; empty where none of them is drawn
     */
    public function of(array $cells): string
    {
        $runs = $this->runs($cells);
        [$path, $joined] = ['', []];
        foreach ($this->columns as $index => $column) {
            $these = $runs[$column] ?? [];
            if (count($these) !== count($joined)) {
                $path .= implode('', array_map($this->outline(...), $joined));
                $joined = array_fill(0, count($these), []);
            }
            foreach ($these as $nth => $run) {
                $joined[$nth][$index] = $run;
            }
        }

        return $path.implode('', array_map($this->outline(...), $joined));
    }

    /** @param  array<int, array{int, int}>  $runs  first and last row by column index, without gaps */
    private function outline(array $runs): string
    {
        [$above, $below] = [[], []];
        foreach ($runs as $index => [$first, $last]) {
            [$left, $right] = [$this->left + $index * $this->width, $this->left + ($index + 1) * $this->width];
            [$top, $bottom] = [$this->top + $first * $this->height, $this->top + ($last + 1) * $this->height];
            array_push($above, sprintf('%.1f,%.1f', $left, $top), sprintf('%.1f,%.1f', $right, $top));
            array_unshift($below, sprintf('%.1f,%.1f', $right, $bottom), sprintf('%.1f,%.1f', $left, $bottom));
        }

        return $runs === [] ? '' : 'M'.implode('L', [...$above, ...$below]).'Z';
    }

    /**
     * @param  list<array{int, int}>  $cells
     * @return array<int, list<array{int, int}>> first and last row of each run, by column
     */
    private function runs(array $cells): array
    {
        $rowOf = array_flip($this->rows);
        $rows = [];
        foreach ($cells as [$aperture, $time]) {
            $rows[$aperture][] = $rowOf[$time];
        }
        $runs = [];
        foreach ($rows as $column => $these) {
            sort($these);
            $start = $before = $these[0];
            foreach (array_slice($these, 1) as $row) {
                if ($row !== $before + 1) {
                    $runs[$column][] = [$start, $before];
                    $start = $row;
                }
                $before = $row;
            }
            $runs[$column][] = [$start, $before];
        }

        return $runs;
    }
}
