<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Compares what a brief asks with what is known of a frame. */
final class CheckEvaluation
{
    /** @return list<CheckResult> of every check of the brief that is asked of this frame */
    public static function of(Brief $brief, Situation $situation): array
    {
        $asked = array_filter($brief->checks, fn (Check $check): bool => self::concerns($check, $situation));

        return array_values(array_map(fn (Check $check): CheckResult => self::one($check, $situation), $asked));
    }

    /** Whether it is asked of this frame: what is said of a row is said once, with its last frame. */
    private static function concerns(Check $check, Situation $situation): bool
    {
        return ($check->row === null || $check->row === $situation->assignment->row) &&
            (! $check->measure->isOfSeries() || ! $situation->assignment->isWithinRow);
    }

    public static function one(Check $check, Situation $situation): CheckResult
    {
        $measure = Measures::of($check->measure->id);
        $value = $measure->read($situation);
        if ($value === null) {
            $missing = array_values(
                array_filter(
                    $measure->needs,
                    fn (Need $need): bool => ! $need->isKnownIn($situation),
                ),
            );

            return new CheckResult($check, null, null, Verdict::Unknown, $missing);
        }
        if (is_string($value) || is_array($check->limit)) {
            $listed = is_array($check->limit) && in_array((string) $value, $check->limit, true);
            $met = $check->comparison === Comparison::NoneOf ? ! $listed : $listed;

            return new CheckResult($check, $value, null, $met ? Verdict::Met : Verdict::Missed);
        }
        // A limit is typed as it is engraved; the frame's value is exact. Both are laid on the same scale.
        $kept = $check->limitOf($value);
        $limit = $measure->exact($kept);
        $margin = match (true) {
            $check->comparison === Comparison::Within => $limit - abs($value),
            $check->comparison === Comparison::AtLeast,
            $check->upTo !== null && $kept < $check->upTo => $value - $limit,
            default => $limit - $value,
        };
        $tolerance = abs($check->closeBeyond($kept) - $kept);
        // A hair of slack: thirds that went through logarithms must still equal thirds.
        $verdict = match (true) {
            $margin >= -1e-6 => Verdict::Met,
            $margin >= -$tolerance - 1e-6 => Verdict::Close,
            default => Verdict::Missed,
        };

        return new CheckResult($check, $value, $margin, $verdict, isOfRaw: $measure->isOfRaw($situation));
    }
}
