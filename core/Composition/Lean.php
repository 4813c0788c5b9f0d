<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/**
 * How far a picture leans, from lines that agree: leaves, roads, shelves seen from the side lean by themselves, and one
 * line alone says nothing. Level lines that fan out with height, and upright ones that lean together, are perspective;
 * that is taken out first.
 *
 * @phpstan-import-type FoundLine from CompositionMeasures
 */
final readonly class Lean
{
    /** Degrees within which lines agree. */
    private const AGREE = 0.7;

    /** Of the length of all lines, the part that must agree. */
    private const MAJORITY = 0.5;

    /** Share of the frame's side under which two lines are the two edges of one thing. */
    private const APART = 0.03;

    /** Where only level lines agree, so many are needed, over so much of the frame; likewise of upright ones. */
    private const LEVELS_ALONE = [3, 0.2];

    private const UPRIGHTS_ALONE = [4, 0.4];

    /** Degrees by which lines of one kind turn from one side of the frame to the other when they are in perspective. */
    private const FAN = 4.0;

    /** Uprights that lean together more than this say nothing of the middle between them. */
    private const MOST_FAN = 8.0;

    /** Degrees by which a horizon and other lines may differ and still tell the same lean. */
    private const SAME = 1.0;

    /** Uprights must stand left and right of these places before they are said to lean together. */
    private const SIDES = [0.45, 0.55];

    /** Lines over less of the frame than this share do not show how they fan. */
    private const SPAN = 0.15;

    /** @param  'horizon'|'lines'  $from */
    private function __construct(
        /** Positive clockwise. */
        public float $degrees,
        /** Whether lines of both kinds say so, or the horizon and others with it. */
        public bool $isCertain,
        public string $from,
    ) {
    }

    /**
     * @param  list<FoundLine>  $lines
     * @return ?self null where nothing says, or witnesses contradict each other
     */
    public static function of(array $lines, ?Horizon $horizon): ?self
    {
        $agreed = self::ofLines($lines);
        if ($horizon === null || ($agreed !== null && $agreed->isCertain)) {
            return $agreed;
        }
        if ($agreed === null) {
            return new self($horizon->angle, false, 'horizon');
        }

        return abs($agreed->degrees - $horizon->angle) <= self::SAME
            ? new self($agreed->degrees, true, 'lines')
            : null;
    }

    /**
     * Degrees by which upright lines lean towards each other from one side of the frame to the other: positive meets
     * above. Null for fewer than three, or where one side has none.
     *
     * @param  list<FoundLine>  $lines
     */
    public static function convergence(array $lines): ?float
    {
        $uprights = array_values(array_filter($lines, fn (array $line): bool => $line['upright']));
        $places = array_column($uprights, 'at');
        $fan = self::fan($uprights);

        // Leaning right on the left and left on the right is a negative slope, and meets above.
        return $fan === null ||
            $places === [] ||
            min($places) > self::SIDES[0] ||
            max($places) < self::SIDES[1]
            ? null
            : -$fan;
    }

    /** @param  list<FoundLine>  $lines */
    private static function ofLines(array $lines): ?self
    {
        $levels = array_values(array_filter($lines, fn (array $line): bool => ! $line['upright']));
        $uprights = array_values(array_filter($lines, fn (array $line): bool => $line['upright']));
        $fan = self::fan($levels);
        $uprightFan = self::fan($uprights);
        $witnesses = [
            // A wall seen from the side shows lines that fan; none of them is level.
            ...$fan !== null && abs($fan) >= self::FAN ? [] : $levels,
            ...$uprightFan !== null && abs($uprightFan) > self::MOST_FAN
                ? []
                : self::withoutFan($uprights, $uprightFan),
        ];
        $agreeing = self::largestAgreement($witnesses);
        $weight = array_sum(array_column($agreeing, 'length'));
        if ($weight <= 0.0 || $weight < self::MAJORITY * array_sum(array_column($lines, 'length'))) {
            return null;
        }
        [$level, $upright] = [self::distinct($agreeing, false), self::distinct($agreeing, true)];
        $both = $level !== [] && $upright !== [];
        if (
            ! $both &&
            ! self::suffices($level, self::LEVELS_ALONE) &&
            ! self::suffices($upright, self::UPRIGHTS_ALONE)
        ) {
            return null;
        }
        $sum = array_sum(array_map(fn (array $line): float => $line['angle'] * $line['length'], $agreeing));

        return new self($sum / $weight, $both && count($level) + count($upright) >= 3, 'lines');
    }

    /**
     * Degrees by which lines of one kind turn from one side of the frame to the other; null where too few of them, over
     * too little of the frame, could say.
     *
     * @param  list<FoundLine>  $lines
     */
    private static function fan(array $lines): ?float
    {
        $places = array_column($lines, 'at');
        if ($places === [] || count($lines) < 3 || max($places) - min($places) < self::SPAN) {
            return null;
        }
        [$n, $x, $y, $xx, $xy] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($lines as $line) {
            [$w, $at] = [$line['length'], $line['at']];
            $n += $w;
            $x += $w * $at;
            $y += $w * $line['angle'];
            $xx += $w * $at * $at;
            $xy += $w * $at * $line['angle'];
        }
        $spread = $xx - ($x * $x) / $n;

        return $spread < 0.002 * $n ? null : ($xy - ($x * $y) / $n) / $spread;
    }

    /**
     * @param  list<FoundLine>  $lines
     * @return list<FoundLine> as they would stand in the middle of the frame
     */
    private static function withoutFan(array $lines, ?float $fan): array
    {
        return array_map(
            fn (array $line): array => [...$line, 'angle' => $line['angle'] - ($fan ?? 0.0) * ($line['at'] - 0.5)],
            $lines,
        );
    }

    /**
     * @param  list<FoundLine>  $lines
     * @return list<FoundLine>
     */
    private static function largestAgreement(array $lines): array
    {
        $best = [];
        foreach ($lines as $one) {
            $near = array_values(
                array_filter(
                    $lines,
                    fn (array $line): bool => abs($line['angle'] - $one['angle']) <= self::AGREE,
                ),
            );
            if (array_sum(array_column($near, 'length')) > array_sum(array_column($best, 'length'))) {
                $best = $near;
            }
        }

        return $best;
    }

    /**
     * @param  list<FoundLine>  $lines
     * @return list<float> places of those of one kind that are not the edges of one thing
     */
    private static function distinct(array $lines, bool $upright): array
    {
        $places = array_column(array_filter($lines, fn (array $line): bool => $line['upright'] === $upright), 'at');
        sort($places);
        $distinct = [];
        foreach ($places as $place) {
            if ($distinct === [] || $place - $distinct[count($distinct) - 1] >= self::APART) {
                $distinct[] = $place;
            }
        }

        return $distinct;
    }

    /**
     * @param  list<float>  $places
     * @param  array{int, float}  $needed  how many, over how much of the frame
     */
    private static function suffices(array $places, array $needed): bool
    {
        return count($places) >= $needed[0] && $needed[1] <= $places[count($places) - 1] - $places[0];
    }
}
