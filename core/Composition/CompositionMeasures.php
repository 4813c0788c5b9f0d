<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/** Everything measured about how a picture is put together. */
final readonly class CompositionMeasures
{
    /** Columns on which lines are looked for: Fine enough for a fraction of a degree. */
    private const LINES = 384;

    /** Columns for mirroring: half a column is less than a hundredth of the width. */
    private const MIRROR = 128;

    /** Columns for what needs no such detail. */
    public const COARSE = 192;

    /**
     * @param  ?float  $tiltDeg  positive clockwise; null where no line says
     * @param  'mark'|'lines'|null  $tiltFrom  what says so: a line that somebody marked, or lines that were found
     * @param  list<array{x1: float, y1: float, x2: float, y2: float, length: float}>  $segments
     *   straight edges of any direction, fractions of the frame; length as a share of the diagonal
     * @param  ?float  $convergenceDeg  upright lines leaning together from side to side; null where too few
     * @param  float  $symmetry  about the middle, −1 to 1
     * @param  list<array{x: float, y: float, weight: float}>  $attention
     * @param  array{x: float, y: float}  $balance
     * @param  list<array{side: string, from: float, to: float, kind: string, strength: float}>  $edges
     * @param  list<array{kind: string, sharePct: float, side: ?string}>  $plain
     * @param  list<array{angle: float, at: float, length: float, upright: bool}>  $lines
     * @param  list<array{ratio: string, x: float, y: float, width: float, height: float, keptPct: float, attentionPct: float, distractionsPct?: float}>  $crops
     * @param  ?float  $subjectAttention  share of all attention that the subject holds, 0–1
     * @param  ?array{thirds: float, centre: float, diagonals: float, golden: float}  $ideas
     *   of the subject, % of the diagonal
     */
    private function __construct(
        public ?float $tiltDeg,
        public ?float $convergenceDeg,
        public float $symmetry,
        public float $symmetryAxis,
        public float $symmetryBest,
        public array $attention,
        public array $balance,
        public array $edges,
        public array $plain,
        public array $lines,
        public array $crops,
        public ?float $subjectAttention,
        public ?array $ideas,
        public float $aspect,
        public ?string $tiltFrom = null,
        public array $segments = [],
    ) {
    }

    public static function of(ColourGrid $grid, Attention $attention, float $aspect, Marks $marks = new Marks()): self
    {
        $lines = Lines::of($grid->reduced(self::LINES)->grey());
        $coarse = $grid->reduced(self::COARSE);
        $grey = $coarse->grey();
        $symmetry = Symmetry::of($grid->reduced(self::MIRROR)->grey());
        [$subject, $marked] = [$marks->subject, $marks->tilt($aspect)];

        return new self(
            $marked ?? $lines->tilt(),
            $lines->convergence(),
            $symmetry->score,
            $symmetry->axis,
            $symmetry->best,
            $attention->peaks,
            $attention->balance,
            EdgeScan::of($coarse)->runs,
            PlainAreas::of($grey)->areas,
            array_slice($lines->lines, 0, 12),
            Crops::best($attention, $aspect, $marks),
            $subject === null ? null : $attention->shareIn($subject),
            $subject === null ? null : Ideas::distances($subject, $aspect),
            $aspect,
            $marked !== null ? 'mark' : ($lines->tilt() === null ? null : 'lines'),
            Segments::of($grey),
        );
    }

    /** @return array<string, mixed> by property */
    public function toArray(): array
    {
        /** @var array<string, mixed> $all */
        $all = get_object_vars($this);

        return $all;
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /** @var array{tiltDeg: ?float, convergenceDeg: ?float, symmetry: float, symmetryAxis: float, symmetryBest: float, attention: list<array{x: float, y: float, weight: float}>, balance: array{x: float, y: float}, edges: list<array{side: string, from: float, to: float, kind: string, strength: float}>, plain: list<array{kind: string, sharePct: float, side: ?string}>, lines: list<array{angle: float, at: float, length: float, upright: bool}>, crops: list<array{ratio: string, x: float, y: float, width: float, height: float, keptPct: float, attentionPct: float, distractionsPct?: float}>, subjectAttention: ?float, ideas: ?array{thirds: float, centre: float, diagonals: float, golden: float}, aspect: float, tiltFrom?: 'mark'|'lines'|null, segments?: list<array{x1: float, y1: float, x2: float, y2: float, length: float}>} $stored */
        return new self(...$stored);
    }
}
