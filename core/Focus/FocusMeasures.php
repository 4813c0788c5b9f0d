<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use TruePupil\Core\Composition\Region;

/**
 * Where a picture is sharp, from its detail map. Plain areas say nothing, and noise is taken off by what the plainest
 * blocks show; where too little is left to judge, there is no answer.
 */
final readonly class FocusMeasures
{
    /** Share of the plainest blocks whose differences count as noise. */
    private const PLAIN = 0.1;

    /** Codes of slope above noise that make a block worth judging. */
    private const TEXTURED = 1.0;

    /** Fewer blocks than this are no basis. */
    private const LEAST_BLOCKS = 4;

    /**
     * @param  ?array{x: float, y: float}  $sharpest  fractions of the frame
     * @param  ?float  $sharpness  of the sharpest blocks, 0–1: 1 is an edge one pixel wide
     * @param  ?float  $subjectRatio
     *   sharpness of the subject against that of the sharpest blocks; null where it is too plain
     * @param  ?float  $eyeRatio  the same of the marked eye; null where none is marked
     * @param  ?float  $directional
     *   stops by which edges across are sharper than edges downwards; negative the other way round
     * @param  float  $confidence  0–1, the share of the frame that could be judged, up to a quarter of it
     * @param  list<?float>  $map  sharpness by block, row by row; null where plain
     */
    private function __construct(
        public ?array $sharpest,
        public ?float $sharpness,
        public ?float $subjectRatio,
        public ?float $directional,
        public float $confidence,
        public array $map,
        public int $columns,
        public int $rows,
        public ?float $eyeRatio = null,
    ) {
    }

    /** @param  ?DetailMap  $eye  of a small square round the marked eye */
    public static function of(DetailMap $detail, ?Region $subject = null, ?DetailMap $eye = null): self
    {
        $noise = array_map(fn (array $list): float => self::percentile($list, self::PLAIN), [
            'sx' => $detail->slopeX,
            'sy' => $detail->slopeY,
            'bx' => $detail->bendX,
            'by' => $detail->bendY,
        ]);
        $map = $weights = [];
        $sums = ['sx' => 0.0, 'sy' => 0.0, 'bx' => 0.0, 'by' => 0.0];
        foreach ($detail->slopeX as $i => $slopeX) {
            $clean = [
                'sx' => max(0.0, $slopeX - $noise['sx']),
                'sy' => max(0.0, $detail->slopeY[$i] - $noise['sy']),
                'bx' => max(0.0, $detail->bendX[$i] - $noise['bx']),
                'by' => max(0.0, $detail->bendY[$i] - $noise['by']),
            ];
            $slope = $clean['sx'] + $clean['sy'];
            $map[] = $slope < self::TEXTURED ? null : min(1.0, ($clean['bx'] + $clean['by']) / $slope / 2);
            $weights[] = $slope;
            if ($slope >= self::TEXTURED) {
                foreach ($clean as $name => $value) {
                    $sums[$name] += $value;
                }
            }
        }
        $judged = array_filter($map, fn (?float $sharpness): bool => $sharpness !== null);
        if (count($judged) < self::LEAST_BLOCKS) {
            return new self(null, null, null, null, 0.0, $map, $detail->columns, $detail->rows);
        }
        arsort($judged);
        $best = array_slice($judged, 0, max(2, (int) ceil(count($judged) * 0.05)), true);
        $sharpness = array_sum($best) / count($best);

        return new self(
            self::place($best, $weights, $detail),
            $sharpness,
            self::subjectRatio($map, $subject, $detail, $sharpness),
            $sums['sx'] > 0 && $sums['sy'] > 0 && $sums['bx'] > 0 && $sums['by'] > 0
                ? log($sums['bx'] / $sums['sx'] / ($sums['by'] / $sums['sy']), 2)
                : null,
            min(1.0, (4 * count($judged)) / count($map)),
            $map,
            $detail->columns,
            $detail->rows,
            $eye === null || $sharpness <= 0.0 ? null : self::eyeRatio($eye, $noise, $sharpness),
        );
    }

    /** @param  array{sx: float, sy: float, bx: float, by: float}  $noise */
    private static function eyeRatio(DetailMap $eye, array $noise, float $sharpness): ?float
    {
        $best = null;
        foreach ($eye->slopeX as $i => $slopeX) {
            $slope = max(0.0, $slopeX - $noise['sx']) + max(0.0, $eye->slopeY[$i] - $noise['sy']);
            $bend = max(0.0, $eye->bendX[$i] - $noise['bx']) + max(0.0, $eye->bendY[$i] - $noise['by']);
            $best = $slope < self::TEXTURED ? $best : max($best ?? 0.0, min(1.0, $bend / $slope / 2));
        }

        return $best === null ? null : min(1.0, $best / $sharpness);
    }

    /**
     * @return array{
     *     sharpest: ?array{x: float, y: float},
     *     sharpness: ?float,
     *     subjectRatio: ?float,
     *     directional: ?float,
     *     confidence: float,
     *     eyeRatio: ?float,
     *     columns: int,
     *     rows: int,
     *     map: list<?float>,
     * }
     */
    public function toArray(): array
    {
        return [
            'sharpest' => $this->sharpest,
            'sharpness' => $this->sharpness,
            'subjectRatio' => $this->subjectRatio,
            'directional' => $this->directional,
            'confidence' => $this->confidence,
            'eyeRatio' => $this->eyeRatio,
            'columns' => $this->columns,
            'rows' => $this->rows,
            'map' => array_map(fn (?float $value): ?float => $value === null ? null : round($value, 3), $this->map),
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /**
         * @var array{
         *     sharpest: ?array{x: float, y: float},
         *     sharpness: ?float,
         *     subjectRatio: ?float,
         *     directional: ?float,
         *     confidence: float,
         *     columns: int,
         *     rows: int,
         *     map: list<?float>,
         *     eyeRatio?: ?float,
         * } $stored
         */
        return new self(
            $stored['sharpest'],
            $stored['sharpness'],
            $stored['subjectRatio'],
            $stored['directional'],
            (float) $stored['confidence'],
            $stored['map'],
            $stored['columns'],
            $stored['rows'],
            $stored['eyeRatio'] ?? null,
        );
    }

    /**
     * The centre of the sharpest blocks, weighted by how much there is to see in each.
     *
     * @param  array<int, float>  $best
     * @param  list<float>  $weights
     * @return array{x: float, y: float}
     */
    private static function place(array $best, array $weights, DetailMap $detail): array
    {
        // The one with most neighbours among the best: scattered blocks of chance do not win.
        $winner = null;
        foreach ($best as $index => $sharpness) {
            [$column, $row] = [$index % $detail->columns, intdiv($index, $detail->columns)];
            $score = 0.0;
            foreach ($best as $other => $value) {
                $away = max(abs(($other % $detail->columns) - $column), abs(intdiv($other, $detail->columns) - $row));
                $score += $away <= 2 ? $value * min(4.0, $weights[$other]) : 0.0;
            }
            $winner = $winner === null || $score > $winner[1] ? [$index, $score] : $winner;
        }
        $index = $winner[0] ?? 0;

        return [
            'x' => (($index % $detail->columns) + 0.5) / $detail->columns,
            'y' => (intdiv($index, $detail->columns) + 0.5) / $detail->rows,
        ];
    }

    /** @param  list<?float>  $map */
    private static function subjectRatio(array $map, ?Region $subject, DetailMap $detail, float $sharpness): ?float
    {
        if ($subject === null || $sharpness <= 0.0) {
            return null;
        }
        $inside = [];
        foreach ($map as $index => $value) {
            [$x, $y] = [
                (($index % $detail->columns) + 0.5) / $detail->columns,
                (intdiv($index, $detail->columns) + 0.5) / $detail->rows,
            ];
            if (
                $value !== null &&
                $x >= $subject->x &&
                $x <= $subject->x + $subject->width &&
                $y >= $subject->y &&
                $y <= $subject->y + $subject->height
            ) {
                $inside[] = $value;
            }
        }
        if ($inside === []) {
            return null;
        }
        rsort($inside);
        $best = array_slice($inside, 0, max(1, (int) ceil(count($inside) / 4)));

        return min(1.0, array_sum($best) / count($best) / $sharpness);
    }

    /** @param  list<float>  $list */
    private static function percentile(array $list, float $share): float
    {
        sort($list);

        return $list[(int) floor($share * (count($list) - 1))];
    }
}
