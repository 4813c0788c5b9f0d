<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Exposure\ExposureTime;
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
        $value = MeasureReading::of($check->measure, $situation);
        if ($value === null) {
            $missing = array_values(
                array_filter(
                    MeasureReading::needs($check->measure),
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
        $limit = self::onScale($check->measure, $check->limit);
        $margin = match ($check->comparison) {
            Comparison::Within => $limit - abs($value),
            Comparison::AtLeast => $value - $limit,
            default => $limit - $value,
        };
        // A hair of slack: thirds that went through logarithms must still equal thirds.
        $verdict = match (true) {
            $margin >= -1e-6 => Verdict::Met,
            $margin >= -$check->tolerance - 1e-6 => Verdict::Close,
            default => Verdict::Missed,
        };

        return new CheckResult($check, $value, $margin, $verdict, isOfRaw: self::isOfRaw($check, $situation));
    }

    /** Of a raw file lost tones are those of the sensor: its preview may have lost more. */
    private static function isOfRaw(Check $check, Situation $situation): bool
    {
        return $situation->measures->raw() !== null && in_array(
            $check->measure,
            [CheckMeasure::LostHighlights, CheckMeasure::SubjectLostHighlights],
            true,
        );
    }

    private static function onScale(CheckMeasure $measure, float $limit): float
    {
        return $measure === CheckMeasure::ExposureTime && $limit > 1e-6 && $limit <= 3600.0
            ? ExposureTime::of($limit)->exact
            : $limit;
    }
}
