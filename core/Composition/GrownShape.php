<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * Grows the shape of a subject from the rectangle drawn round it: what lies outside shows the colours of the ground,
 * what lies in its middle those of the subject, and each place goes to the more likely of the two, with its neighbours
 * unless an edge parts them. Histograms as models and neighbours as a field follow Rother, Kolmogorov and Blake
 * ("GrabCut", 2004), with mean fields instead of a cut.
 */
final class GrownShape
{
    /** Share of the rectangle's sides round it that is looked at for its ground. */
    private const GROUND = 0.5;

    /** Cells along the longer side of what is looked at. */
    private const CELLS = 64;

    /** Where less than this share of what is looked at lies outside, there is no ground to know. */
    private const LEAST_GROUND = 0.12;

    /** A tap speaks for what lies within this share of the rectangle's longer side round it. */
    private const TAP = 0.06;

    /** What a tap says of all that hangs together with its place. */
    private const TAPPED = 5.0;

    /** Codes that a tap loses with each cell from its place: it speaks for its neighbourhood alone. */
    private const STEP = 1.5;

    /** Odds that nothing else outweighs. */
    private const SAID = 12.0;

    /** Steps of each of two opponent colours. */
    private const BINS = 10;

    /** Steps of brightness. */
    private const LIGHTS = 6;

    /** Steps of an opponent colour that is as strong as the light itself. */
    private const COLOURS = 12.0;

    /** Codes of light under which colours fade into noise. */
    private const BLACK = 24.0;

    private const ROUNDS = 4;

    /** What a colour may say for or against at most, in logarithms of odds. */
    private const SAYS_AT_MOST = 3.0;

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

    /** Shared part of both histograms from which subject and ground cannot be told apart. */
    private const ALIKE = 0.6;

    /** Shares of the rectangle between which a shape is believed. */
    private const BELIEVED = [0.12, 0.97];

    /** Codes by which places on both sides of an outline have to differ in the mean. */
    private const CONTRAST = 10.0;

    /** Pieces smaller than this share of the largest are chance. */
    private const PIECE = 0.1;

    /** @var list<int> bin of each cell */
    private array $bins = [];

    /** @var list<bool> */
    private array $inBox = [];

    /** @var list<int> red, green and blue of each cell in turn */
    private array $codes;

    /** @var array<int, float> odds by place alone */
    private array $prior = [];

    private function __construct(private readonly ColourGrid $grid, private readonly Region $window, Region $box)
    {
        [$w, $h] = [$grid->columns, $grid->rows];
        /** @var list<int> $codes */
        $codes = array_values(unpack('C*', $grid->bytes) ?: []);
        $this->codes = $codes;
        $centre = $box->centre();
        for ($y = 0, $i = 0; $y < $h; $y++) {
            $v = $window->y + $window->height * ($y + 0.5) / $h;
            for ($x = 0; $x < $w; $x++, $i++) {
                $this->bins[] = self::bin($codes[3 * $i], $codes[3 * $i + 1], $codes[3 * $i + 2]);
                $u = $window->x + $window->width * ($x + 0.5) / $w;
                $this->inBox[] = $box->holds($u, $v);
                $this->prior[] = self::MIDDLE * (1 - (($u - $centre['x']) / ($box->width / 2)) ** 2
                    - (($v - $centre['y']) / ($box->height / 2)) ** 2);
            }
        }
    }

    /**
     * @param  ColourGrid  $picture  of the whole picture
     * @param  list<array{float, float}>  $in  places that belong to it, as fractions of the frame
     * @param  list<array{float, float}>  $out  places that do not
     * @return ?SubjectShape null where subject and ground cannot be told apart, or no ground is to be seen
     */
    public static function of(ColourGrid $picture, Region $box, array $in = [], array $out = []): ?SubjectShape
    {
        $around = $box->grown(self::GROUND);
        $left = (int) floor($around->x * $picture->columns);
        $top = (int) floor($around->y * $picture->rows);
        $columns = min($picture->columns - $left, max(1, (int) ceil($around->width * $picture->columns)));
        $rows = min($picture->rows - $top, max(1, (int) ceil($around->height * $picture->rows)));
        $block = max(1, intdiv(max($columns, $rows), self::CELLS));
        // Whole blocks alone are looked at; what is over is left out where it is not the edge of the frame.
        [$overX, $overY] = [$columns % $block, $rows % $block];
        $left += $left + $columns === $picture->columns ? $overX : 0;
        $top += $top + $rows === $picture->rows ? $overY : 0;
        [$columns, $rows] = [$columns - $overX, $rows - $overY];
        if ($columns < 6 || $rows < 6) {
            return null;
        }
        $window = Region::of(
            $left / $picture->columns,
            $top / $picture->rows,
            $columns / $picture->columns,
            $rows / $picture->rows,
        );
        $grown = new self(
            $picture->cut($left, $top, $columns, $rows)->reduced(intdiv($columns, $block)),
            $window,
            $box,
        );

        return $grown->shape(
            $grown->within($in, $box),
            $grown->within($out, $box),
        );
    }

    /**
     * @param  list<array{float, float}>  $taps
     * @return list<int> cells near one of them
     */
    private function within(array $taps, Region $box): array
    {
        [$w, $h] = [$this->grid->columns, $this->grid->rows];
        // Cells are square, the frame need not be.
        $reach = max(1.0, self::TAP * max(
            $box->width / $this->window->width * $w,
            $box->height / $this->window->height * $h,
        ));
        $near = [];
        foreach ($taps as [$x, $y]) {
            $column = ($x - $this->window->x) / $this->window->width * $w;
            $row = ($y - $this->window->y) / $this->window->height * $h;
            foreach ($this->inBox as $i => $isIn) {
                if ($isIn && hypot($i % $w + 0.5 - $column, intdiv($i, $w) + 0.5 - $row) <= $reach) {
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
        $count = count($this->inBox);
        $inside = count(array_filter($this->inBox));
        if ($inside < 4 || $count - $inside < self::LEAST_GROUND * $count) {
            return null;
        }
        $weights = $this->neighbours();
        $this->prior = array_map(
            fn (float $prior, float $way): float => $prior + self::WAY *
                tanh(($way - self::CROSSED[0]) / self::CROSSED[1]),
            $this->prior,
            $this->wayFrom(array_keys($this->inBox, false, true)),
        );
        foreach ([[$in, 1], [$out, -1]] as [$said, $sign]) {
            // What hangs together with a place that was tapped goes with it.
            foreach ($said === [] ? [] : $this->wayFrom($said, self::STEP) as $cell => $way) {
                $this->prior[$cell] += $sign * self::TAPPED * max(0.0, 1 - $way / self::CROSSED[0]);
            }
            foreach ($said as $cell) {
                $this->prior[$cell] = $sign * self::SAID;
            }
        }
        $belief = array_map(
            fn (bool $isIn, float $prior): float => $isIn ? 1 / (1 + exp(-$prior)) : 0.0,
            $this->inBox,
            $this->prior,
        );
        $overlap = 1.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$says, $overlap] = $this->colours($belief);
            $belief = $this->spread($belief, $says, $weights);
        }
        $cells = $this->pieces($belief, $in, $out);
        $share = substr_count($cells, '1') / $inside;

        // Whoever taps sees the outline, and says where it is wrong.
        $isSaid = $in !== [] || $out !== [];

        return ! $isSaid && ($overlap > self::ALIKE || $share < self::BELIEVED[0] || $share > self::BELIEVED[1]
            || $this->contrast($cells) < self::CONTRAST)
            ? null
            : new SubjectShape($this->window, $this->grid->columns, $this->grid->rows, $cells);
    }

    /**
     * What each colour says, as the logarithm of its odds, and how much subject and ground have in common.
     *
     * @param  list<float>  $belief
     * @return array{array<int, float>, float}
     */
    private function colours(array $belief): array
    {
        $subject = $ground = array_fill(0, self::LIGHTS * self::BINS ** 2, 0.0);
        foreach ($this->bins as $i => $bin) {
            $subject[$bin] += $belief[$i];
            $ground[$bin] += 1 - $belief[$i];
        }
        [$subject, $ground] = [self::softened(array_values($subject)), self::softened(array_values($ground))];
        [$says, $overlap] = [[], 0.0];
        foreach ($subject as $bin => $share) {
            $overlap += min($share, $ground[$bin]);
            $says[$bin] = max(-self::SAYS_AT_MOST, min(
                self::SAYS_AT_MOST,
                log(($share + 1e-4) / ($ground[$bin] + 1e-4)),
            ));
        }

        return [$says, $overlap];
    }

    /**
     * @param  list<float>  $belief
     * @param  array<int, float>  $says
     * @param  array{list<float>, list<float>}  $weights
     * @return list<float>
     */
    private function spread(array $belief, array $says, array $weights): array
    {
        [$w, $h, [$across, $down]] = [$this->grid->columns, $this->grid->rows, $weights];
        $next = [];
        for ($y = 0, $i = 0; $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++, $i++) {
                if (! $this->inBox[$i]) {
                    $next[] = 0.0;

                    continue;
                }
                $near = 0.0;
                $near += $x > 0 ? $across[$i - 1] * (2 * $belief[$i - 1] - 1) : 0.0;
                $near += $x < $w - 1 ? $across[$i] * (2 * $belief[$i + 1] - 1) : 0.0;
                $near += $y > 0 ? $down[$i - $w] * (2 * $belief[$i - $w] - 1) : 0.0;
                $near += $y < $h - 1 ? $down[$i] * (2 * $belief[$i + $w] - 1) : 0.0;
                $odds = $this->prior[$i] + $says[$this->bins[$i]] + self::NEIGHBOURS * $near / 4;
                $next[] = 1 / (1 + exp(-$odds));
            }
        }

        return $next;
    }

    /**
     * Codes that have to be crossed to come to each cell of the rectangle from one of some cells, by the way that
     * crosses least: what hangs together with the ground without an edge is ground. Four sweeps come near enough.
     *
     * @param  list<int>  $from
     * @param  float  $step  what the way itself counts, codes a cell
     * @return array<int, float> by cell
     */
    private function wayFrom(array $from, float $step = 0.0): array
    {
        [$w, $h] = [$this->grid->columns, $this->grid->rows];
        $code = $this->codes;
        $way = array_fill(0, $w * $h, 1e6);
        foreach ($from as $cell) {
            $way[$cell] = 0.0;
        }
        $go = function (int $from, int $to) use ($code, $step, &$way): void {
            [$a, $b] = [3 * $from, 3 * $to];
            $crossed = $way[$from] + $step + max(0.0, (abs($code[$a] - $code[$b]) + abs($code[$a + 1] - $code[$b + 1])
                + abs($code[$a + 2] - $code[$b + 2])) / 3 - self::SHADING);
            if ($crossed < $way[$to]) {
                $way[$to] = $crossed;
            }
        };
        for ($sweep = 0; $sweep < 4; $sweep++) {
            $isBack = $sweep % 2 === 1;
            for ($k = 0, $all = $w * $h; $k < $all; $k++) {
                $i = $isBack ? $all - 1 - $k : $k;
                if (! $this->inBox[$i]) {
                    continue;
                }
                if ($isBack ? $i % $w < $w - 1 : $i % $w > 0) {
                    $go($isBack ? $i + 1 : $i - 1, $i);
                }
                if ($isBack ? $i + $w < $all : $i >= $w) {
                    $go($isBack ? $i + $w : $i - $w, $i);
                }
            }
        }

        return $way;
    }

    /** @return array{list<float>, list<float>} how much each cell belongs to the one right of it, and below it */
    private function neighbours(): array
    {
        [$w, $h, $code] = [$this->grid->columns, $this->grid->rows, $this->codes];
        $alike = [];
        for ($difference = 0; $difference <= 765; $difference++) {
            $alike[] = exp(-(($difference / 3 / self::EDGE) ** 2) / 2);
        }
        [$across, $down] = [[], []];
        for ($y = 0, $i = 0; $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++, $i++) {
                $at = 3 * $i;
                [$r, $g, $b, $to] = [$code[$at], $code[$at + 1], $code[$at + 2], $at + 3 * $w];
                $across[] = $x < $w - 1
                    ? $alike[abs($r - $code[$at + 3]) + abs($g - $code[$at + 4]) + abs($b - $code[$at + 5])]
                    : 0.0;
                $down[] = $y < $h - 1
                    ? $alike[abs($r - $code[$to]) + abs($g - $code[$to + 1]) + abs($b - $code[$to + 2])]
                    : 0.0;
            }
        }

        return [$across, $down];
    }

    /** Codes by which neighbours differ in the mean where one is subject and the other is not. */
    private function contrast(string $cells): float
    {
        [$w, $sum, $pairs] = [$this->grid->columns, 0, 0];
        for ($i = 0, $all = strlen($cells); $i < $all; $i++) {
            foreach ([$i % $w < $w - 1 ? $i + 1 : $all, $i + $w] as $to) {
                if ($to < $all && $cells[$i] !== $cells[$to]) {
                    for ($channel = 0; $channel < 3; $channel++) {
                        $sum += abs($this->codes[3 * $i + $channel] - $this->codes[3 * $to + $channel]);
                    }
                    $pairs++;
                }
            }
        }

        return $pairs === 0 ? 0.0 : $sum / 3 / $pairs;
    }

    /**
     * Its larger pieces, with their holes filled.
     *
     * @param  list<float>  $belief
     * @param  list<int>  $kept  cells whose pieces stay, however small
     * @param  list<int>  $open  cells whose holes stay open
     */
    private function pieces(array $belief, array $kept, array $open): string
    {
        $cells = implode('', array_map(fn (float $one): string => $one > 0.5 ? '1' : '0', $belief));
        $pieces = $this->connected($cells, '1');
        $largest = $pieces === [] ? 0 : max(array_map(count(...), $pieces));
        foreach ($pieces as $piece) {
            if (count($piece) < self::PIECE * $largest && array_intersect($piece, $kept) === []) {
                foreach ($piece as $cell) {
                    $cells[$cell] = '0';
                }
            }
        }
        [$w, $h] = [$this->grid->columns, $this->grid->rows];
        foreach ($this->connected($cells, '0') as $piece) {
            $isHole = array_intersect($piece, $open) === [];
            foreach ($piece as $cell) {
                [$x, $y] = [$cell % $w, intdiv($cell, $w)];
                $isHole = $isHole && $x > 0 && $y > 0 && $x < $w - 1 && $y < $h - 1;
            }
            foreach ($isHole ? $piece : [] as $cell) {
                $cells[$cell] = '1';
            }
        }

        return $cells;
    }

    /** @return list<list<int>> cells that hang together by their sides */
    private function connected(string $cells, string $wanted): array
    {
        [$w, $all, $seen, $pieces] = [$this->grid->columns, strlen($cells), str_repeat('0', strlen($cells)), []];
        for ($start = 0; $start < $all; $start++) {
            if ($cells[$start] !== $wanted || $seen[$start] === '1') {
                continue;
            }
            [$piece, $seen[$start]] = [[$start], '1'];
            for ($k = 0; $k < count($piece); $k++) {
                $at = $piece[$k];
                $near = [$at % $w > 0 ? $at - 1 : -1, $at % $w < $w - 1 ? $at + 1 : -1, $at - $w, $at + $w];
                foreach ($near as $one) {
                    if ($one >= 0 && $one < $all && $cells[$one] === $wanted && $seen[$one] === '0') {
                        $seen[$one] = '1';
                        $piece[] = $one;
                    }
                }
            }
            $pieces[] = $piece;
        }

        return $pieces;
    }

    /** Of shade and light on one thing the hue is the same: colours are told against how light they are. */
    private static function bin(int $r, int $g, int $b): int
    {
        $light = ($r + $g + $b) / 3;
        $of = fn (float $opponent): int => max(0, min(
            self::BINS - 1,
            (int) floor(self::BINS / 2 + self::COLOURS * $opponent / ($light + self::BLACK)),
        ));

        return ((int) ($light / 256 * self::LIGHTS) * self::BINS + $of($r - $g)) * self::BINS + $of(($r + $g) / 2 - $b);
    }

    /**
     * A histogram whose bins have given a part to their neighbours, adding up to one.
     *
     * @param  list<float>  $counts
     * @return list<float>
     */
    private static function softened(array $counts): array
    {
        foreach ([[1, self::BINS], [self::BINS, self::BINS], [self::BINS ** 2, self::LIGHTS]] as [$stride, $steps]) {
            $soft = [];
            foreach ($counts as $bin => $count) {
                $place = intdiv($bin, $stride) % $steps;
                $soft[] = $count + 0.4 * (
                    ($place > 0 ? $counts[$bin - $stride] : 0.0)
                    + ($place < $steps - 1 ? $counts[$bin + $stride] : 0.0)
                );
            }
            $counts = $soft;
        }
        $sum = max(1e-9, array_sum($counts));

        return array_map(fn (float $count): float => $count / $sum, $counts);
    }
}
