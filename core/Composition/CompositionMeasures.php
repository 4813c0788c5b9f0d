<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

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
 *     tiltFrom?: 'mark'|'horizon'|'lines'|null,
 *     tiltCertain?: bool,
 *     segments?: list<Segment>,
 * }
 */
final readonly class CompositionMeasures
{
    /**
     * @param  list<EdgeRun>  $edges
     * @param  list<PlainArea>  $plain
     * @param  list<FoundLine>  $lines
     * @param  list<Crop>  $crops
     * @param  ?IdeaDistances  $ideas
     *   of the subject, % of the diagonal
     * @param  list<Segment>  $segments
     *   straight edges of any direction, fractions of the frame; length as a share of the diagonal
     */
    private function __construct(
        public LeanMeasures $lean,
        public SymmetryMeasures $symmetry,
        public AttentionMeasures $attention,
        public array $edges,
        public array $plain,
        public array $lines,
        public array $crops,
        public ?array $ideas,
        public float $aspect,
        public array $segments = [],
    ) {
    }

    /** Of a picture in which nothing is marked. */
    public static function of(Forms $forms, Attention $attention, float $aspect): self
    {
        return new self(
            lean: $forms->lean,
            symmetry: $forms->symmetry,
            attention: new AttentionMeasures(
                peaks: $attention->peaks,
                balance: $attention->balance,
                subjectShare: null,
            ),
            edges: $forms->edges,
            plain: $forms->plain,
            lines: $forms->lines,
            crops: Crops::best($attention, $aspect, new Marks()),
            ideas: null,
            aspect: $aspect,
            segments: $forms->segments,
        );
    }

    /** What marks change of it: how it leans, how it may be cut, and where its subject lies. */
    public function marked(Attention $attention, Marks $marks): self
    {
        $subject = $marks->subject;

        return new self(
            lean: $this->lean->marked($marks->tilt($this->aspect)),
            symmetry: $this->symmetry,
            attention: new AttentionMeasures(
                peaks: $this->attention->peaks,
                balance: $this->attention->balance,
                subjectShare: $subject === null ? null : $attention->shareIn($subject),
            ),
            edges: $this->edges,
            plain: $this->plain,
            lines: $this->lines,
            crops: Crops::best($attention, $this->aspect, $marks),
            ideas: $subject === null ? null : Ideas::distances($subject, $this->aspect),
            aspect: $this->aspect,
            segments: $this->segments,
        );
    }

    /** @return array<string, mixed> in the open format of measures */
    public function toArray(): array
    {
        return [
            'tiltDeg' => $this->lean->tiltDeg,
            'convergenceDeg' => $this->lean->convergenceDeg,
            'symmetry' => $this->symmetry->score,
            'symmetryAxis' => $this->symmetry->axis,
            'symmetryBest' => $this->symmetry->best,
            'attention' => $this->attention->peaks,
            'balance' => $this->attention->balance,
            'edges' => $this->edges,
            'plain' => $this->plain,
            'lines' => $this->lines,
            'crops' => $this->crops,
            'subjectAttention' => $this->attention->subjectShare,
            'ideas' => $this->ideas,
            'aspect' => $this->aspect,
            'tiltFrom' => $this->lean->tiltFrom,
            'tiltCertain' => $this->lean->isCertain,
            'segments' => $this->segments,
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /** @var Composition $stored */
        return new self(
            lean: new LeanMeasures(
                tiltDeg: $stored['tiltDeg'],
                convergenceDeg: $stored['convergenceDeg'],
                tiltFrom: $stored['tiltFrom'] ?? null,
                isCertain: $stored['tiltCertain'] ?? true,
            ),
            symmetry: new SymmetryMeasures(
                score: $stored['symmetry'],
                axis: $stored['symmetryAxis'],
                best: $stored['symmetryBest'],
            ),
            attention: new AttentionMeasures(
                peaks: $stored['attention'],
                balance: $stored['balance'],
                subjectShare: $stored['subjectAttention'],
            ),
            edges: $stored['edges'],
            plain: $stored['plain'],
            lines: $stored['lines'],
            crops: $stored['crops'],
            ideas: $stored['ideas'],
            aspect: $stored['aspect'],
            segments: $stored['segments'] ?? [],
        );
    }
}
