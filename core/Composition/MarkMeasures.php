<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * What follows from the marks that a person drew besides the subject.
 *
 * @phpstan-type LeadCount array{marked: int, leading: int}
 * @phpstan-type MarkedParts array{
 *     axis: ?array{score: float, offPct: float, best: float},
 *     shares: list<array{kind: string, sharePct: float}>,
 *     leads: ?LeadCount,
 *     surround: ?array{sharePct: float, holdsPct: float},
 *     distractions: list<MarkedDistraction>,
 *     layers?: list<MarkedLayer>,
 *     areaWarmth?: list<float>,
 * }
 * @phpstan-type MarkedDistraction array{
 *     x: float, y: float, attentionPct: float, what?: ?string, tried?: list<string>,
 * }
 * @phpstan-type MarkedLayer array{kind: string, sharePct: float, meanStops: float, attentionPct: float}
 */
final readonly class MarkMeasures
{
    /** Columns for mirroring. */
    private const MIRROR = 128;

    /**
     * @param  ?array{score: float, offPct: float, best: float}  $axis  symmetry about the declared axis
     * @param  list<array{kind: string, sharePct: float}>  $shares  of the marked areas, % of the frame
     * @param  ?LeadCount  $leads
     *   lines marked as leading, and how many of them reach the subject
     * @param  ?array{sharePct: float, holdsPct: float}  $surround
     *   the frame within the frame: its size, and how much of the subject lies in it
     * @param  list<MarkedDistraction>  $distractions
     *   where, how much of all attention they take, what they are, and what was tried against them
     * @param  list<MarkedLayer>  $layers
     *   near, middle and far: share of the frame, mean tone in stops from mid-grey, share of all attention
     * @param  list<float>  $areaWarmth  stops by which red exceeds blue in each marked area
     */
    private function __construct(
        public ?array $axis,
        public array $shares,
        public ?array $leads,
        public ?array $surround,
        public array $distractions,
        public array $layers = [],
        public array $areaWarmth = [],
    ) {
    }

    public static function of(Marks $marks, ColourGrid $grid, Attention $attention, float $aspect): ?self
    {
        if ($marks->list === []) {
            return null;
        }
        $axis = $marks->first(MarkKind::Axis);

        return new self(
            $axis === null ? null : Symmetry::aboutLine($grid->reduced(self::MIRROR)->grey(), $axis),
            array_values(
                array_map(
                    fn (Mark $mark): array => ['kind' => $mark->kind->value, 'sharePct' => round($mark->sharePct(), 2)],
                    array_filter($marks->list, fn (Mark $mark): bool => $mark->sharePct() > 0),
                ),
            ),
            self::leadsOf($marks, $aspect),
            self::surroundOf($marks),
            array_map(
                fn (Mark $mark): array => [
                    ...$mark->bounds()->centre(),
                    'attentionPct' => round(100 * $attention->shareOf($mark), 2),
                    'what' => $mark->what?->value,
                    'tried' => array_map(fn (WayOut $way): string => $way->value, $mark->tried),
                ],
                $marks->ofKind(MarkKind::Distraction),
            ),
        );
    }

    /** Least difference of tone between neighbouring layers, in stops; null where fewer than two are drawn. */
    public function layerStep(): ?float
    {
        $steps = [];
        foreach (array_slice($this->layers, 1) as $index => $layer) {
            $steps[] = abs($layer['meanStops'] - $this->layers[$index]['meanStops']);
        }

        return $steps === [] ? null : min($steps);
    }

    /**
     * With what needs the light of the picture.
     *
     * @param  list<MarkedLayer>  $layers  from the front to the back
     * @param  list<float>  $areaWarmth
     */
    public function withLight(array $layers, array $areaWarmth): self
    {
        return new self(
            $this->axis,
            $this->shares,
            $this->leads,
            $this->surround,
            $this->distractions,
            $layers,
            $areaWarmth,
        );
    }

    /** @return array<string, mixed> in the open format of measures */
    public function toArray(): array
    {
        return [
            'axis' => $this->axis,
            'shares' => $this->shares,
            'leads' => $this->leads,
            'surround' => $this->surround,
            'distractions' => $this->distractions,
            'layers' => $this->layers,
            'areaWarmth' => $this->areaWarmth,
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /** @var MarkedParts $stored */
        return new self(
            axis: $stored['axis'],
            shares: $stored['shares'],
            leads: $stored['leads'],
            surround: $stored['surround'],
            distractions: $stored['distractions'],
            layers: $stored['layers'] ?? [],
            areaWarmth: $stored['areaWarmth'] ?? [],
        );
    }

    /** @return ?LeadCount */
    private static function leadsOf(Marks $marks, float $aspect): ?array
    {
        $lines = array_map(function (Mark $line) use ($aspect): array {
            [[$x1, $y1], [$x2, $y2]] = [$line->points[0], $line->points[1] ?? $line->points[0]];

            return [
                'x1' => $x1,
                'y1' => $y1,
                'x2' => $x2,
                'y2' => $y2,
                'length' => hypot(($x2 - $x1) * $aspect, $y2 - $y1) / hypot($aspect, 1.0),
            ];
        }, $marks->ofKind(MarkKind::Lead));

        return $lines === [] || $marks->subject === null
            ? null
            : ['marked' => count($lines), 'leading' => count(Leads::to($marks->subject, $lines, $aspect))];
    }

    /** @return ?array{sharePct: float, holdsPct: float} */
    private static function surroundOf(Marks $marks): ?array
    {
        [$mark, $subject] = [$marks->first(MarkKind::Surround), $marks->subject];
        if ($mark === null || $subject === null) {
            return null;
        }
        $held = 0;
        for ($i = 0; $i < 400; $i++) {
            $held += $mark->holds(
                $subject->x + ((($i % 20) + 0.5) / 20) * $subject->width,
                $subject->y + ((intdiv($i, 20) + 0.5) / 20) * $subject->height,
            )
                ? 1
                : 0;
        }

        return ['sharePct' => round($mark->sharePct(), 2), 'holdsPct' => round($held / 4, 1)];
    }
}
