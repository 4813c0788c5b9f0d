<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** The outline of a subject within the rectangle that was drawn round it, as square cells of a window on the frame. */
final readonly class SubjectShape
{
    /**
     * @param  Region  $window  of the frame that the cells cover
     * @param  string  $cells  a byte for each, row by row: "1" where the subject is, "0" elsewhere
     */
    public function __construct(
        public Region $window,
        public int $columns,
        public int $rows,
        public string $cells,
    ) {
    }

    /** Whether a place of the frame, in fractions, belongs to the subject. */
    public function holds(float $x, float $y): bool
    {
        $column = (int) floor(($x - $this->window->x) / $this->window->width * $this->columns);
        $row = (int) floor(($y - $this->window->y) / $this->window->height * $this->rows);

        return $column >= 0 && $column < $this->columns && $row >= 0 && $row < $this->rows
            && $this->cells[$row * $this->columns + $column] === '1';
    }

    /**
     * Which of some places along a row of the frame belong to it.
     *
     * @param  float  $y  down, as a fraction of the frame
     * @param  list<int>  $strips  stretches of the row, counted from its left end
     * @param  float  $width  of one, as a fraction of the frame
     * @return array<int, bool> by number of the stretch
     */
    public function along(float $y, array $strips, float $width): array
    {
        $row = (int) floor(($y - $this->window->y) / $this->window->height * $this->rows);
        $isIn = [];
        [$start, $scale] = [$row * $this->columns, $this->columns / $this->window->width];
        foreach ($strips as $strip) {
            $column = (int) floor((($strip + 0.5) * $width - $this->window->x) * $scale);
            $isIn[$strip] = $row >= 0 && $row < $this->rows && $column >= 0 && $column < $this->columns
                && $this->cells[$start + $column] === '1';
        }

        return $isIn;
    }

    /**
     * Without the cells along its outline, in which subject and ground mix; the shape itself where too little is left.
     */
    public function core(): self
    {
        [$w, $all, $cells] = [$this->columns, strlen($this->cells), $this->cells];
        for ($i = 0; $i < $all; $i++) {
            if ($this->cells[$i] === '1' && (
                ($i % $w > 0 && $this->cells[$i - 1] === '0') ||
                ($i % $w < $w - 1 && $this->cells[$i + 1] === '0') ||
                ($i >= $w && $this->cells[$i - $w] === '0') ||
                ($i + $w < $all && $this->cells[$i + $w] === '0')
            )) {
                $cells[$i] = '0';
            }
        }

        return substr_count($cells, '1') * 2 < substr_count($this->cells, '1')
            ? $this
            : new self($this->window, $this->columns, $this->rows, $cells);
    }

    /** Percentage of the frame that it covers. */
    public function sharePct(): float
    {
        return $this->window->sharePct() * substr_count($this->cells, '1') / strlen($this->cells);
    }

    /**
     * Its outline, down its right side and up its left one, with the steps of the cells smoothed.
     *
     * @return list<array{float, float}> fractions of the frame
     */
    public function outline(): array
    {
        $sides = [];
        for ($y = 0; $y < $this->rows; $y++) {
            $row = substr($this->cells, $y * $this->columns, $this->columns);
            [$first, $last] = [strpos($row, '1'), strrpos($row, '1')];
            if ($first !== false && $last !== false) {
                $sides[] = [$y, $first, $last + 1];
            }
        }
        [$right, $left] = [[], []];
        foreach ($sides as $i => [$y]) {
            $near = array_slice($sides, max(0, $i - 1), $i === 0 ? 2 : 3);
            $mean = fn (int $side): float => array_sum(array_column($near, $side)) / count($near);
            $down = match ($i) {
                0 => $y,
                count($sides) - 1 => $y + 1,
                default => $y + 0.5,
            };
            $right[] = $this->place($mean(2), $down);
            array_unshift($left, $this->place($mean(1), $down));
        }

        return [...$right, ...$left];
    }

    /** @return array{float, float} */
    private function place(float $column, float $row): array
    {
        return [
            $this->window->x + $this->window->width * $column / $this->columns,
            $this->window->y + $this->window->height * $row / $this->rows,
        ];
    }

    /**
     * Shares of its own extent over which it touches the edges of the frame.
     *
     * @return array{left: float, top: float, right: float, bottom: float}
     */
    public function touching(): array
    {
        /** @var array<int, int> $columns cells in each */
        $columns = [];
        /** @var array<int, int> $rows */
        $rows = [];
        foreach (str_split($this->cells) as $i => $cell) {
            if ($cell === '1') {
                [$column, $row] = [$i % $this->columns, intdiv($i, $this->columns)];
                $columns[$column] = ($columns[$column] ?? 0) + 1;
                $rows[$row] = ($rows[$row] ?? 0) + 1;
            }
        }
        [$wide, $high] = [max(1, count($columns)), max(1, count($rows))];
        $of = fn (?int $cells, bool $isEdge, int $extent): float => $isEdge ? ($cells ?? 0) / $extent : 0.0;
        $window = $this->window;

        return [
            'left' => $of($columns[0] ?? null, $window->x < 1e-6, $high),
            'top' => $of($rows[0] ?? null, $window->y < 1e-6, $wide),
            'right' => $of($columns[$this->columns - 1] ?? null, $window->x + $window->width > 1 - 0.01, $high),
            'bottom' => $of($rows[$this->rows - 1] ?? null, $window->y + $window->height > 1 - 0.01, $wide),
        ];
    }

    /** @return array{window: array<string, float>, columns: int, rows: int, cells: string} */
    public function toArray(): array
    {
        return [
            'window' => $this->window->toArray(),
            'columns' => $this->columns,
            'rows' => $this->rows,
            'cells' => $this->cells,
        ];
    }

    /** @param  mixed  $stored  as toArray() gave it */
    public static function restore(mixed $stored): ?self
    {
        if (! is_array($stored) || ! is_array($stored['window'] ?? null) || ! is_string($stored['cells'] ?? null)) {
            return null;
        }
        /**
         * @var array{
         *     window: array{x: float, y: float, width: float, height: float},
         *     columns: int,
         *     rows: int,
         *     cells: string,
         * } $stored
         */

        return new self(
            Region::of(
                $stored['window']['x'],
                $stored['window']['y'],
                $stored['window']['width'],
                $stored['window']['height'],
            ),
            $stored['columns'],
            $stored['rows'],
            $stored['cells'],
        );
    }
}
