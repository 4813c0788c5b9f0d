<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * Everything measured about how a picture is put together.
 *
 * @phpstan-import-type Segment from Segments
 * @phpstan-import-type Crop from Crops
 *
 * @phpstan-type AttentionPeak array{x: float, y: float, weight: float}
 * @phpstan-type EdgeRun array{side: string, from: float, to: float, kind: string, strength: float}
 * @phpstan-type PlainArea array{kind: string, sharePct: float, side: ?string}
 * @phpstan-type FoundLine array{angle: float, at: float, length: float, upright: bool}
 * @phpstan-type IdeaDistances array{thirds: float, centre: float, diagonals: float, golden: float}
 * @phpstan-type Composition array{
 *     tiltDeg: ?float,
 *     convergenceDeg: ?float,
 *     symmetry: float,
 *     symmetryAxis: float,
 *     symmetryBest: float,
 *     attention: list<AttentionPeak>,
 *     balance: array{x: float, y: float},
 *     edges: list<EdgeRun>,
 *     plain: list<PlainArea>,
 *     lines: list<FoundLine>,
 *     crops: list<Crop>,
 *     subjectAttention: ?float,
 *     ideas: ?IdeaDistances,
 *     aspect: float,
 *     tiltFrom?: 'mark'|'lines'|null,
 *     segments?: list<Segment>,
 * }
 */
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
     * @param  list<Segment>  $segments
     *   straight edges of any direction, fractions of the frame; length as a share of the diagonal
     * @param  ?float  $convergenceDeg  upright lines leaning together from side to side; null where too few
     * @param  float  $symmetry  about the middle, −1 to 1
     * @param  list<AttentionPeak>  $attention
     * @param  array{x: float, y: float}  $balance
     * @param  list<EdgeRun>  $edges
     * @param  list<PlainArea>  $plain
     * @param  list<FoundLine>  $lines
     * @param  list<Crop>  $crops
     * @param  ?float  $subjectAttention  share of all attention that the subject holds, 0–1
     * @param  ?IdeaDistances  $ideas
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

    /** @return array<string, mixed> in the open format of measures */
    public function toArray(): array
    {
        return [
            'tiltDeg' => $this->tiltDeg,
            'convergenceDeg' => $this->convergenceDeg,
            'symmetry' => $this->symmetry,
            'symmetryAxis' => $this->symmetryAxis,
            'symmetryBest' => $this->symmetryBest,
            'attention' => $this->attention,
            'balance' => $this->balance,
            'edges' => $this->edges,
            'plain' => $this->plain,
            'lines' => $this->lines,
            'crops' => $this->crops,
            'subjectAttention' => $this->subjectAttention,
            'ideas' => $this->ideas,
            'aspect' => $this->aspect,
            'tiltFrom' => $this->tiltFrom,
            'segments' => $this->segments,
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /** @var Composition $stored */
        return new self(
            tiltDeg: $stored['tiltDeg'],
            convergenceDeg: $stored['convergenceDeg'],
            symmetry: $stored['symmetry'],
            symmetryAxis: $stored['symmetryAxis'],
            symmetryBest: $stored['symmetryBest'],
            attention: $stored['attention'],
            balance: $stored['balance'],
            edges: $stored['edges'],
            plain: $stored['plain'],
            lines: $stored['lines'],
            crops: $stored['crops'],
            subjectAttention: $stored['subjectAttention'],
            ideas: $stored['ideas'],
            aspect: $stored['aspect'],
            tiltFrom: $stored['tiltFrom'] ?? null,
            segments: $stored['segments'] ?? [],
        );
    }
}
