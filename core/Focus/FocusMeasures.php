<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;

/**
 * Where a picture is sharp, and how sharp, from its edges at a fixed size. Plain parts say nothing; where too little is
 * left to judge, there is no answer.
 */
final readonly class FocusMeasures
{
    /** In a sentence, for those who read where a limit comes from. */
    public const METHOD = 'Edges at a fixed size of picture, by what a second blur takes of them; noise taken off.';

    /** Pixels of blur up to which edges of the judged picture look crisp. */
    public const CRISP = 1.5;

    /** What is smeared all over is nowhere sharper than this, however lively its texture: blurred by 1.8 pixels. */
    private const SMEARED = 0.4;

    /** Where only weak edges are left, they must be spread this far to tell anything: by 4 pixels. */
    private const PLAINLY_SOFT = 0.2;

    /** A subject with edges in a smaller share of its cells is smooth. */
    private const PLAIN = 0.2;

    /** The same where the edges are few in all. */
    private const PLAIN_OF_FEW = 0.5;

    private const FEW = 12;

    /** Nothing is held against a subject from here on, so that nothing needs to be doubted: blurred by 1.6 pixels. */
    private const HARDLY_SOFT = 0.44;

    /** As a share of its sides, how far round a smooth subject its outline is looked for. */
    private const OUTLINE = 0.2;

    /** Sharpness by which the outline must differ from what it holds. */
    private const SHARPER = 0.1;

    /** Fewer cells with edges than this are no basis. */
    private const LEAST_CELLS = 4;

    /** Share of the sharpest windows that are passed over: one window of chance is not the sharpest part. */
    private const CHANCE = 0.02;

    /** Share of the windows among which the sharpest place is looked for. */
    private const SHARPEST = 0.05;

    /**
     * @param  ?array{x: float, y: float}  $sharpest  fractions of the frame
     * @param  ?float  $sharpness  of the sharpest part, 0–1, as EdgeBlur::sharpness() has it
     * @param  ?AreaFocus  $subject  against the sharpest part; null where it is too plain or none is marked
     * @param  ?AreaFocus  $eye  against what lies round it; null where none is marked
     * @param  ?Smear  $smear  where the whole picture is blurred one way
     * @param  float  $confidence  0–1, the share of the frame that could be judged, up to a quarter of it
     * @param  list<?float>  $map  sharpness by cell, row by row; null where plain
     */
    private function __construct(
        public ?array $sharpest,
        public ?float $sharpness,
        public ?AreaFocus $subject,
        public ?AreaFocus $eye,
        public ?Smear $smear,
        public float $confidence,
        public array $map,
        public int $columns,
        public int $rows,
    ) {
    }

    /** @param  ?DetailMap  $face  of a square round the marked eye; the eye is the middle fifth of it */
    public static function of(DetailMap $detail, ?Region $subject = null, ?DetailMap $face = null): self
    {
        $edges = EdgeField::of($detail);
        $blurs = $edges->blurs($edges->judged());
        $map = array_map(
            fn (int $cell): ?float => isset($blurs[$cell]) ? EdgeBlur::sharpness($blurs[$cell]) : null,
            range(0, $detail->columns * $detail->rows - 1),
        );
        $windows = $edges->windows();
        if (count($blurs) < self::LEAST_CELLS || $windows === []) {
            return new self(null, null, null, null, null, 0.0, $map, $detail->columns, $detail->rows);
        }
        asort($windows);
        $sharpness = EdgeBlur::sharpness(array_values($windows)[(int) floor(self::CHANCE * count($windows))]);
        $smear = Smear::of($edges);
        $most = $smear === null ? 1.0 : self::SMEARED;

        return new self(
            self::place(
                array_slice($windows, 0, max(2, (int) ceil(count($windows) * self::SHARPEST)), true),
                $detail,
            ),
            $sharpness,
            $subject === null ? null : self::subject($edges, $subject, $sharpness)?->atMost($most),
            $face === null ? null : self::eye(EdgeField::of($face, $edges))?->atMost($most),
            $smear,
            min(1.0, (4 * count($blurs)) / count($map)),
            $map,
            $detail->columns,
            $detail->rows,
        );
    }

    /**
     * The same picture with something marked; what hangs on the picture alone is taken over.
     *
     * @param  DetailMap  $detail  that this was measured on
     * @param  ?DetailMap  $face  as of() takes it
     * @param  ?SubjectShape  $shape  of the subject, where it is known
     */
    public function marked(
        DetailMap $detail,
        ?Region $subject,
        ?DetailMap $face = null,
        ?SubjectShape $shape = null,
    ): self {
        if ($this->sharpness === null) {
            return $this;
        }
        $edges = EdgeField::of($detail);
        $most = $this->smear === null ? 1.0 : self::SMEARED;

        return new self(
            $this->sharpest,
            $this->sharpness,
            $subject === null ? null : self::subject($edges, $subject, $this->sharpness, $shape)?->atMost($most),
            $face === null ? null : self::eye(EdgeField::of($face, $edges))?->atMost($most),
            $this->smear,
            $this->confidence,
            $this->map,
            $this->columns,
            $this->rows,
        );
    }

    /** Of the cells outside a part that could be judged, the share that is crisp; null where none could be. */
    public function crispOutside(Region $part): ?float
    {
        [$crisp, $judged] = $this->outside($part);

        return $judged === 0 ? null : $crisp / $judged;
    }

    /** Of all the cells outside a part, plain ones too, the share that is crisp; null where there are none. */
    public function crispShareOutside(Region $part): ?float
    {
        [$crisp, , $all] = $this->outside($part);

        return $all === 0 ? null : $crisp / $all;
    }

    /** @return array{int, int, int} cells outside a part: the crisp ones, those that could be judged, all */
    private function outside(Region $part): array
    {
        $least = EdgeBlur::sharpness(self::CRISP);
        [$crisp, $judged, $all] = [0, 0, 0];
        foreach ($this->map as $cell => $sharpness) {
            [$x, $y] = [
                (($cell % $this->columns) + 0.5) / $this->columns,
                (intdiv($cell, $this->columns) + 0.5) / $this->rows,
            ];
            if (! $part->holds($x, $y)) {
                $crisp += ($sharpness ?? 0.0) >= $least ? 1 : 0;
                $judged += $sharpness === null ? 0 : 1;
                $all++;
            }
        }

        return [$crisp, $judged, $all];
    }

    /**
     * How much sharp detail lies round each place of a map of another size: the mean of the squared sharpness of a
     * square of a ninth of the width, plain places counting as none.
     *
     * @return ?list<float> row by row, 0–1; null where nothing could be judged
     */
    public function around(int $columns, int $rows): ?array
    {
        if ($this->sharpness === null) {
            return null;
        }
        $sums = [array_fill(0, $columns + 1, 0.0)];
        for ($y = 0; $y < $rows; $y++) {
            $sums[] = [0.0];
            $row = min($this->rows - 1, intdiv((2 * $y + 1) * $this->rows, 2 * $rows));
            for ($x = 0; $x < $columns; $x++) {
                $column = min($this->columns - 1, intdiv((2 * $x + 1) * $this->columns, 2 * $columns));
                $sharp = ($this->map[$row * $this->columns + $column] ?? 0.0) ** 2;
                $sums[$y + 1][] = $sums[$y + 1][$x] + $sums[$y][$x + 1] - $sums[$y][$x] + $sharp;
            }
        }
        $reach = max(1, intdiv($columns, 18));
        $around = [];
        for ($y = 0; $y < $rows; $y++) {
            [$top, $bottom] = [max(0, $y - $reach), min($rows, $y + $reach + 1)];
            for ($x = 0; $x < $columns; $x++) {
                [$left, $right] = [max(0, $x - $reach), min($columns, $x + $reach + 1)];
                $sum = $sums[$bottom][$right] - $sums[$top][$right] - $sums[$bottom][$left] + $sums[$top][$left];
                $around[] = $sum / (($bottom - $top) * ($right - $left));
            }
        }

        return $around;
    }

    /**
     * @return array{
     *     sharpest: ?array{x: float, y: float},
     *     sharpness: ?float,
     *     subject: ?array{sharpness: float, ratio: float, crisp: float, moved: ?float},
     *     eye: ?array{sharpness: float, ratio: float, crisp: float, moved: ?float},
     *     smear: ?array{degrees: float, along: float, across: float},
     *     confidence: float,
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
            'subject' => $this->subject?->toArray(),
            'eye' => $this->eye?->toArray(),
            'smear' => $this->smear?->toArray(),
            'confidence' => $this->confidence,
            'columns' => $this->columns,
            'rows' => $this->rows,
            'map' => array_map(fn (?float $value): ?float => $value === null ? null : round($value, 3), $this->map),
        ];
    }

    /**
     * @param  array<mixed>  $stored  as toArray() gave it
     * @return ?self null where sharpness was measured by older rules, which meant another thing by it
     */
    public static function restore(array $stored): ?self
    {
        if (! array_key_exists('smear', $stored)) {
            return null;
        }
        /**
         * @var array{
         *     sharpest: ?array{x: float, y: float},
         *     sharpness: ?float,
         *     subject: mixed,
         *     eye: mixed,
         *     smear: ?array{degrees: float, along: float, across: float},
         *     confidence: float,
         *     columns: int,
         *     rows: int,
         *     map: list<?float>,
         * } $stored
         */

        return new self(
            $stored['sharpest'],
            $stored['sharpness'],
            AreaFocus::restore($stored['subject']),
            AreaFocus::restore($stored['eye']),
            $stored['smear'] === null ? null : Smear::restore($stored['smear']),
            (float) $stored['confidence'],
            $stored['map'],
            $stored['columns'],
            $stored['rows'],
        );
    }

    /** A smooth thing has only soft shades on it, however sharp it is: with a sharper outline it is not judged. */
    private static function subject(
        EdgeField $edges,
        Region $region,
        float $sharpest,
        ?SubjectShape $shape = null,
    ): ?AreaFocus {
        $cells = $edges->within($region, $shape);
        $found = AreaFocus::of($edges, $cells, $sharpest);
        if ($found === null) {
            $faint = $edges->withFaintEdges();
            $soft = AreaFocus::of($faint, $faint->within($region, $shape), $sharpest);
            $found = $soft !== null && $soft->sharpness <= self::PLAINLY_SOFT ? $soft : null;
        } elseif (
            $found->sharpness >= self::HARDLY_SOFT ||
            count($cells) >= (count($cells) < self::FEW ? self::PLAIN_OF_FEW : self::PLAIN) *
                $edges->cellsWithin($region, $shape)
        ) {
            return $found;
        }
        $outline = AreaFocus::of($edges, $edges->within($region->grown(self::OUTLINE)), $sharpest);

        return $outline !== null && $outline->sharpness >= ($found->sharpness ?? 0.0) + self::SHARPER ? null : $found;
    }

    /** The eye against the sharpest of what lies round it. */
    private static function eye(EdgeField $face): ?AreaFocus
    {
        $middle = $face->within(Region::of(0.4, 0.4, 0.2, 0.2));
        $round = array_diff_key($face->windows(), array_flip($face->within(Region::of(0.3, 0.3, 0.4, 0.4))));
        $own = $face->blur($middle);
        if ($own === null) {
            return null;
        }
        sort($round);

        return AreaFocus::of(
            $face,
            $middle,
            EdgeBlur::sharpness(min($own, $round[(int) floor(self::SHARPEST * count($round))] ?? $own)),
        );
    }

    /**
     * Of the sharpest windows the one with most others round it: scattered ones of chance do not win.
     *
     * @param  array<int, float>  $best
     * @return array{x: float, y: float}
     */
    private static function place(array $best, DetailMap $detail): array
    {
        $winner = [0, -1];
        foreach (array_keys($best) as $cell) {
            [$column, $row] = [$cell % $detail->columns, intdiv($cell, $detail->columns)];
            $near = 0;
            for ($y = $row - 2; $y <= $row + 2; $y++) {
                for ($x = $column - 2; $x <= $column + 2; $x++) {
                    $near += isset($best[$y * $detail->columns + $x]) ? 1 : 0;
                }
            }
            $winner = $near > $winner[1] ? [$cell, $near] : $winner;
        }
        [$x, $y] = $detail->place($winner[0]);

        return ['x' => $x, 'y' => $y];
    }
}
