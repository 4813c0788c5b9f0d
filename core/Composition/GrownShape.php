<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\CellEdges;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Raster\ConnectedCells;

/**
 * Grows the shape of a subject from the rectangle drawn round it: what lies outside shows the colours of the ground,
 * what lies in its middle those of the subject, and each place goes to the more likely of the two, with its neighbours
 * unless an edge parts them. Colours as models that are made anew from what was found follow Rother, Kolmogorov and
 * Blake (ACM Transactions on Graphics 23, 2004), with mean fields instead of a cut.
 */
final class GrownShape
{
    /** Share of the rectangle's sides round it that is looked at for its ground. */
    private const GROUND = 0.5;

    /** Cells along the longer side of what is looked at. */
    public const CELLS = 64;

    /** The same while a rectangle is being drawn and the answer must come at once. */
    public const ROUGH = 36;

    /** Fewer cells along a side show no shape. */
    private const LEAST_CELLS = 6;

    /** Where less than this share of what is looked at lies outside, there is no ground to know. */
    private const LEAST_GROUND = 0.12;

    private const ROUNDS = 4;

    /** Odds that the middle of the rectangle is subject; they are even on the ellipse that fits it. */
    private const MIDDLE = 1.7;

    /** What four neighbours say together at most. */
    private const NEIGHBOURS = 2.4;

    /** Codes by which neighbours of one thing differ. */
    private const EDGE = 14.0;

    /** Codes between neighbours that are nothing but shading and noise. */
    private const SHADING = 4.0;

    /** Codes to be crossed from the ground at which a place is as likely subject as not, and how sharply. */
    private const CROSSED = [16.0, 10.0];

    /** What the way from the ground says at most. */
    private const WAY = 2.0;

    /** A tap speaks for what lies within this share of the rectangle's longer side round it. */
    private const TAP = 0.06;

    /** What a tap says of what hangs together with its place, and the codes that it loses with each cell from there. */
    private const TAPPED = 5.0;

    private const TAP_LOSES = 1.5;

    /** Odds that nothing else outweighs. */
    private const SAID = 12.0;

    /** Common part of their colours from which subject and ground cannot be told apart. */
    private const ALIKE = 0.6;

    /** Shares of the rectangle between which a shape is believed. */
    private const BELIEVED = [0.12, 0.97];

    /** Codes by which places on both sides of an outline have to differ in the mean. */
    private const CONTRAST = 10.0;

    /** Pieces smaller than this share of the largest are chance. */
    private const PIECE = 0.1;

    private readonly CellEdges $edges;

    /** @var list<int> cells of the rectangle */
    private array $inside = [];

    /** @var list<int> cells round it */
    private array $outside = [];

    /** @var array<int, float> odds of each cell by its place alone */
    private array $odds = [];

    private function __construct(
        private readonly ColourGrid $grid,
        private readonly Region $window,
        private readonly Region $box,
    ) {
        $this->edges = CellEdges::of($grid);
        $centre = $box->centre();
        for ($y = 0, $i = 0; $y < $grid->rows; $y++) {
            $v = $window->y + $window->height * ($y + 0.5) / $grid->rows;
            for ($x = 0; $x < $grid->columns; $x++, $i++) {
                $u = $window->x + $window->width * ($x + 0.5) / $grid->columns;
                if ($box->holds($u, $v)) {
                    $this->inside[] = $i;
                    $this->odds[$i] = self::MIDDLE * (1 - (($u - $centre['x']) / ($box->width / 2)) ** 2
                        - (($v - $centre['y']) / ($box->height / 2)) ** 2);
                } else {
                    $this->outside[] = $i;
                }
            }
        }
    }

    /**
     * @param  ColourGrid  $picture  of the whole picture
     * @param  list<array{float, float}>  $in  places that belong to it, as fractions of the frame
     * @param  list<array{float, float}>  $out  places that do not
     * @param  int  $cells  along the longer side of what is looked at: fewer are quicker and coarser
     * @return ?SubjectShape null where subject and ground cannot be told apart, or no ground is to be seen
     */
    public static function of(
        ColourGrid $picture,
        Region $box,
        array $in = [],
        array $out = [],
        int $cells = self::CELLS,
    ): ?SubjectShape {
        $around = $box->grown(self::GROUND);
        [$left, $columns] = self::span($around->x, $around->width, $picture->columns);
        [$top, $rows] = self::span($around->y, $around->height, $picture->rows);
        $block = max(1, intdiv(max($columns, $rows), $cells));
        [$left, $columns] = self::inBlocks($left, $columns, $block, $picture->columns);
        [$top, $rows] = self::inBlocks($top, $rows, $block, $picture->rows);
        if (min($columns, $rows) < self::LEAST_CELLS * $block) {
            return null;
        }
        $grown = new self(
            $picture->cut($left, $top, $columns, $rows)->reduced(intdiv($columns, $block)),
            Region::of(
                $left / $picture->columns,
                $top / $picture->rows,
                $columns / $picture->columns,
                $rows / $picture->rows,
            ),
            $box,
        );

        return $grown->shape($grown->near($in), $grown->near($out));
    }

    /** @return array{int, int} the first cell along a side, and how many */
    private static function span(float $from, float $size, int $count): array
    {
        $first = min($count - 1, (int) floor($from * $count));

        return [$first, min($count - $first, max(1, (int) ceil($size * $count)))];
    }

    /**
     * Whole blocks alone are looked at; what is over is left out where it is not the edge of the frame.
     *
     * @return array{int, int} as span() has it
     */
    private static function inBlocks(int $first, int $count, int $block, int $all): array
    {
        $over = $count % $block;

        return [$first + ($first + $count === $all ? $over : 0), $count - $over];
    }

    /**
     * @param  list<array{float, float}>  $taps
     * @return list<int> cells of the rectangle near one of them
     */
    private function near(array $taps): array
    {
        [$w, $h] = [$this->grid->columns, $this->grid->rows];
        // Cells are square, the frame need not be.
        $reach = max(1.0, self::TAP * max(
            $this->box->width / $this->window->width * $w,
            $this->box->height / $this->window->height * $h,
        ));
        $near = [];
        foreach ($taps as [$x, $y]) {
            $column = ($x - $this->window->x) / $this->window->width * $w;
            $row = ($y - $this->window->y) / $this->window->height * $h;
            foreach ($this->inside as $i) {
                if (hypot($i % $w + 0.5 - $column, intdiv($i, $w) + 0.5 - $row) <= $reach) {
                    $near[] = $i;
                }
            }
        }

        return $near;
    }

    /**
     * @param  list<int>  $in  cells that somebody says belong to it
     * @param  list<int>  $out  cells that somebody says do not
     */
    private function shape(array $in, array $out): ?SubjectShape
    {
        $all = count($this->inside) + count($this->outside);
        if ($this->inside === [] || count($this->outside) < self::LEAST_GROUND * $all) {
            return null;
        }
        $this->followEdges();
        $this->take($in, 1);
        $this->take($out, -1);
        [$belief, $common] = $this->believed($all);
        $cells = $this->withoutChance($belief, $in, $out);
        if (! str_contains($cells, '1')) {
            return null;
        }
        $share = substr_count($cells, '1') / count($this->inside);
        $isPlain = $common <= self::ALIKE && $share >= self::BELIEVED[0] && $share <= self::BELIEVED[1]
            && $this->contrast($cells) >= self::CONTRAST;

        // Whoever taps sees the outline, and says where it is wrong.
        return $isPlain || $in !== [] || $out !== []
            ? new SubjectShape($this->window, $this->grid->columns, $this->grid->rows, $cells)
            : null;
    }

    /** What hangs together with the ground without an edge is ground. */
    private function followEdges(): void
    {
        $way = $this->edges->crossed(
            $this->outside,
            $this->inside,
            fn (int $codes): float => max(0.0, $codes / 3 - self::SHADING),
        );
        foreach ($this->inside as $cell) {
            $this->odds[$cell] += self::WAY * tanh(($way[$cell] - self::CROSSED[0]) / self::CROSSED[1]);
        }
    }

    /**
     * What somebody tapped is so, and what lies near it and hangs together with it most likely too.
     *
     * @param  list<int>  $tapped
     * @param  int  $sign  1 for what belongs to it, -1 for what does not
     */
    private function take(array $tapped, int $sign): void
    {
        if ($tapped === []) {
            return;
        }
        $way = $this->edges->crossed(
            $tapped,
            $this->inside,
            fn (int $codes): float => self::TAP_LOSES + max(0.0, $codes / 3 - self::SHADING),
        );
        foreach ($this->inside as $cell) {
            $this->odds[$cell] += $sign * self::TAPPED * max(0.0, 1 - $way[$cell] / self::CROSSED[0]);
        }
        foreach ($tapped as $cell) {
            $this->odds[$cell] = $sign * self::SAID;
        }
    }

    /**
     * @param  int  $all  how many cells there are
     * @return array{list<float>, float}
     *   how likely each cell is subject, and what the colours of subject and ground have in common
     */
    private function believed(int $all): array
    {
        $alike = [
            ...array_map(
                fn (int $codes): float => self::NEIGHBOURS / 4 * exp(-(($codes / 3 / self::EDGE) ** 2) / 2),
                range(0, CellEdges::NONE - 1),
            ),
            0.0,
        ];
        [$across, $down, $w] = [$this->edges->across, $this->edges->down, $this->grid->columns];
        $belief = array_fill(0, $all, 0.0);
        foreach ($this->inside as $i) {
            $belief[$i] = 1 / (1 + exp(-$this->odds[$i]));
        }
        [$colours, $common] = [ColourOdds::in($this->grid), 1.0];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$says, $common] = $colours->of(array_values($belief));
            $next = $belief;
            foreach ($this->inside as $i) {
                $odds = $this->odds[$i] + $says[$i]
                    + $alike[$across[$i - 1] ?? CellEdges::NONE] * (2 * ($belief[$i - 1] ?? 0.0) - 1)
                    + $alike[$across[$i]] * (2 * ($belief[$i + 1] ?? 0.0) - 1)
                    + $alike[$down[$i - $w] ?? CellEdges::NONE] * (2 * ($belief[$i - $w] ?? 0.0) - 1)
                    + $alike[$down[$i]] * (2 * ($belief[$i + $w] ?? 0.0) - 1);
                $next[$i] = 1 / (1 + exp(-$odds));
            }
            $belief = $next;
        }

        return [array_values($belief), $common];
    }

    /**
     * Its larger pieces, with their holes filled.
     *
     * @param  list<float>  $belief
     * @param  list<int>  $kept  cells whose pieces stay, however small
     * @param  list<int>  $open  cells whose holes stay open
     */
    private function withoutChance(array $belief, array $kept, array $open): string
    {
        [$w, $h] = [$this->grid->columns, $this->grid->rows];
        $pieces = ConnectedCells::of(array_keys(array_filter($belief, fn (float $one): bool => $one > 0.5)), $w);
        $least = self::PIECE * max([0, ...array_map(count(...), $pieces)]);
        $subject = array_merge(...array_filter(
            $pieces,
            fn (array $piece): bool => count($piece) >= $least || array_intersect($piece, $kept) !== [],
        ));
        $isAtBorder = fn (int $cell): bool => in_array($cell % $w, [0, $w - 1], true)
            || in_array(intdiv($cell, $w), [0, $h - 1], true);
        $holes = array_filter(
            ConnectedCells::of(array_values(array_diff(array_keys($belief), $subject)), $w),
            fn (array $hole): bool => array_filter($hole, $isAtBorder) === [] && array_intersect($hole, $open) === [],
        );
        $cells = array_fill(0, count($belief), '0');
        foreach ([...$subject, ...array_merge(...$holes)] as $cell) {
            $cells[$cell] = '1';
        }

        return implode('', $cells);
    }

    /** Codes by which neighbours differ in the mean where one is subject and the other is not. */
    private function contrast(string $cells): float
    {
        [$w, $sum, $pairs] = [$this->grid->columns, 0, 0];
        foreach ([[1, $this->edges->across], [$w, $this->edges->down]] as [$step, $differences]) {
            foreach ($differences as $i => $codes) {
                if ($codes !== CellEdges::NONE && $cells[$i] !== $cells[$i + $step]) {
                    $sum += $codes;
                    $pairs++;
                }
            }
        }

        return $pairs === 0 ? 0.0 : $sum / 3 / $pairs;
    }
}
