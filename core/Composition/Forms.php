<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * What is seen of a composition whatever draws the eye: lines and how they lean, mirroring, what runs along the edge of
 * the frame, plain areas.
 *
 * @phpstan-import-type EdgeRun from CompositionMeasures
 * @phpstan-import-type PlainArea from CompositionMeasures
 * @phpstan-import-type FoundLine from CompositionMeasures
 * @phpstan-import-type Segment from Segments
 */
final readonly class Forms
{
    /** Columns on which lines are looked for: fine enough for a fraction of a degree. */
    private const LINES = 384;

    /** Columns on which the horizon is looked for: soft edges are steep there. */
    private const HORIZON = 96;

    /** Columns for mirroring: half a column is less than a hundredth of the width. */
    private const MIRROR = 128;

    /** Columns for what needs no such detail. */
    public const COARSE = 192;

    /** As many as are kept. */
    private const KEPT_LINES = 12;

    /**
     * @param  list<EdgeRun>  $edges
     * @param  list<PlainArea>  $plain
     * @param  list<FoundLine>  $lines
     * @param  list<Segment>  $segments
     */
    private function __construct(
        public LeanMeasures $lean,
        public SymmetryMeasures $symmetry,
        public array $edges,
        public array $plain,
        public array $lines,
        public array $segments,
    ) {
    }

    public static function of(ColourGrid $grid): self
    {
        $lines = Lines::of($grid->reduced(self::LINES)->grey());
        $coarse = $grid->reduced(self::COARSE);
        $grey = $coarse->grey();
        $symmetry = Symmetry::of($grid->reduced(self::MIRROR)->grey());

        return new self(
            LeanMeasures::of($lines, Horizon::in($grid->reduced(self::HORIZON)->grey())),
            new SymmetryMeasures(score: $symmetry->score, axis: $symmetry->axis, best: $symmetry->best),
            EdgeScan::of($coarse)->runs,
            PlainAreas::of($grey)->areas,
            array_slice($lines->lines, 0, self::KEPT_LINES),
            Segments::of($grey),
        );
    }
}
