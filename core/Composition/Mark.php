<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;

/**
 * A point, a line, a rectangle or a polygon that a person drew on a frame. Fractions of the displayed frame, from the
 * top left.
 */
final readonly class Mark
{
    public const MOST_POINTS = 40;

    /** As a share of the frame's width: shorter is a slip of the finger. */
    private const SHORTEST = 0.01;

    /**
     * @param  non-empty-list<array{float, float}>  $points
     *   across and down; two corners of an area are those of a rectangle
     * @param  ?DistractionKind  $what  what distracts, where it was named
     * @param  list<WayOut>  $tried  what was done about it and did not help
     */
    private function __construct(
        public MarkKind $kind,
        public array $points,
        public ?DistractionKind $what = null,
        public array $tried = [],
    ) {
    }

    /**
     * @param  array<mixed>  $points
     * @param  ?DistractionKind  $what  counts for distractions alone
     * @param  list<WayOut>  $tried
     *
     * @throws InvalidArgumentException saying what is wrong with it
     */
    public static function of(MarkKind $kind, array $points, ?DistractionKind $what = null, array $tried = []): self
    {
        $count = count($points);
        if ($points === [] || $count < $kind->fewest() || $count > $kind->most()) {
            throw new InvalidArgumentException(
                sprintf(
                    'A mark "%s" has %s; this one has %d.',
                    $kind->label(),
                    $kind->fewest() === $kind->most()
                        ? $kind->most().($kind->most() === 1 ? ' point' : ' points')
                        : sprintf('%d to %d points', $kind->fewest(), $kind->most()),
                    $count,
                ),
            );
        }
        /** @var list<array{float, float}> $checked */
        $checked = [];
        foreach (array_values($points) as $point) {
            if (
                ! is_array($point) ||
                ! is_numeric($point[0] ?? null) ||
                ! is_numeric($point[1] ?? null) ||
                min($point[0], $point[1]) < -1e-6 ||
                max($point[0], $point[1]) > 1 + 1e-6
            ) {
                throw new InvalidArgumentException(
                    sprintf(
                        'A mark "%s" lies inside the frame; each of its points is two numbers from 0 to 1.',
                        $kind->label(),
                    ),
                );
            }
            $checked[] = [max(0.0, min(1.0, (float) $point[0])), max(0.0, min(1.0, (float) $point[1]))];
        }
        $isDistraction = $kind === MarkKind::Distraction;
        $mark = new self($kind, $checked, $isDistraction ? $what : null, $isDistraction ? $tried : []);
        if (
            $count > 1 &&
            ($kind->isLine()
                ? hypot($checked[1][0] - $checked[0][0], $checked[1][1] - $checked[0][1]) < self::SHORTEST
                : $mark->sharePct() <= 0.0)
        ) {
            throw new InvalidArgumentException(sprintf('A mark "%s" has a size; this one has none.', $kind->label()));
        }

        return $mark;
    }

    /** @return list<array{float, float}> the corners of an area, in order */
    public function outline(): array
    {
        if ($this->kind->isLine() || count($this->points) !== 2) {
            return $this->points;
        }
        [[$left, $top], [$right, $bottom]] = $this->points;

        return [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]];
    }

    /** Percentage of the frame that an area covers, by the shoelace formula; 0 for points and lines. */
    public function sharePct(): float
    {
        if ($this->kind->isLine()) {
            return 0.0;
        }
        $outline = $this->outline();
        $twice = 0.0;
        foreach ($outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $outline[($i + 1) % count($outline)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return 50 * abs($twice);
    }

    /** The smallest rectangle round it; a point becomes a speck. */
    public function bounds(): Region
    {
        [$x, $y] = [array_column($this->points, 0), array_column($this->points, 1)];
        [$left, $top] = [min(0.999, min($x)), min(0.999, min($y))];

        return Region::of($left, $top, max(0.001, max($x) - $left), max(0.001, max($y) - $top));
    }

    /** Whether a place lies inside an area, by the crossings of a ray. */
    public function holds(float $x, float $y): bool
    {
        $outline = $this->outline();
        $inside = false;
        foreach ($outline as $i => [$ax, $ay]) {
            [$bx, $by] = $outline[($i + 1) % count($outline)];
            if ($ay > $y !== $by > $y && $x < (($bx - $ax) * ($y - $ay)) / ($by - $ay) + $ax) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /**
     * How far a line leans from level, or from upright, in the picture as it is seen.
     *
     * @param  float  $aspect  width over height
     * @return float degrees, positive clockwise, −45 to 45 off the nearer of the two
     */
    public function leaning(float $aspect): float
    {
        [[$ax, $ay], [$bx, $by]] = [$this->points[0], $this->points[1] ?? $this->points[0]];
        $degrees = rad2deg(atan2($by - $ay, ($bx - $ax) * $aspect));

        return $degrees - 90 * round($degrees / 90);
    }

    /** @return array{kind: string, points: list<array{float, float}>, what?: string, tried?: list<string>} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'points' => array_map(fn (array $point): array => [round($point[0], 4), round($point[1], 4)],
                $this->points),
            ...$this->what === null ? [] : ['what' => $this->what->value],
            ...$this->tried === [] ? [] : ['tried' => array_map(fn (WayOut $way): string => $way->value, $this->tried)],
        ];
    }

    /**
     * A mark from the names and numbers that toArray() gives.
     *
     * @param  array<mixed>  $data
     *
     * @throws InvalidArgumentException saying what is wrong with it
     */
    public static function read(array $data): self
    {
        $kind = is_string($data['kind'] ?? null) ? MarkKind::tryFrom($data['kind']) : null;
        if ($kind === null || ! is_array($data['points'] ?? null)) {
            throw new InvalidArgumentException(
                sprintf(
                    'A mark has a kind (%s) and a list of points.',
                    implode(', ', array_column(MarkKind::cases(), 'value')),
                ),
            );
        }
        $tried = is_array($data['tried'] ?? null) ? $data['tried'] : [];

        return self::of(
            $kind,
            $data['points'],
            is_string($data['what'] ?? null) ? DistractionKind::tryFrom($data['what']) : null,
            array_values(array_filter(array_map(
                fn (mixed $way): ?WayOut => is_string($way) ? WayOut::tryFrom($way) : null,
                $tried,
            ))),
        );
    }
}
