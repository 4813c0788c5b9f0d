<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Exposure\Stops;

/**
 * A limit as a photographer writes it, 1/125 s, ƒ/8, ISO 400, +1⅓, and how far beyond it still counts as close. Of
 * times, apertures and ISO that distance is written in stops; a brief file has it in the measure's own unit.
 */
final class LimitText
{
    /** The unit that the distance beyond a limit is written in. */
    public static function toleranceUnit(?CheckMeasure $measure): string
    {
        return $measure?->stopsInADoubling() !== null ? 'stops' : ($measure->unit ?? '');
    }

    /** What stands behind a limit as it is written; nothing where it carries its unit itself. */
    public static function unitBeside(?CheckMeasure $measure): string
    {
        return $measure === null || $measure->engraved(1.0) !== null ? '' : $measure->unit;
    }

    /** @param  bool  $isToBothSides  whether it lies to either side of zero, and so has no sign */
    public static function write(?CheckMeasure $measure, float $limit, bool $isToBothSides = false): string
    {
        return match (true) {
            $isToBothSides && $limit > 0 => ltrim(self::write($measure, $limit), '+'),
            $measure?->unit === 'stops' => self::stops($limit),
            default => $measure?->engraved($limit) ?? self::plain($limit),
        };
    }

    /** @param  float  $tolerance  in the measure's own unit */
    public static function writeTolerance(
        ?CheckMeasure $measure,
        Comparison $comparison,
        float $limit,
        float $tolerance,
    ): string {
        if ($tolerance <= 0) {
            return '';
        }
        $doubling = $measure?->stopsInADoubling();
        if ($doubling === null) {
            return $measure?->unit === 'stops' ? ltrim(self::stops($tolerance), '+') : self::plain($tolerance);
        }
        $beyond = $comparison === Comparison::AtLeast ? $limit - $tolerance : $limit + $tolerance;

        return $limit <= 0 || $beyond <= 0
            ? ''
            : ltrim(self::stops(abs(log($beyond / $limit, 2)) * $doubling), '+');
    }

    /**
     * @param  string  $text  as typed; of times, apertures and ISO in stops
     * @return float|string in the measure's own unit; the text itself where it is no number
     */
    public static function readTolerance(
        ?CheckMeasure $measure,
        string $comparison,
        string $limit,
        string $text,
    ): float|string {
        $stops = TypedNumber::parse($text);
        $number = TypedNumber::parse($limit);
        if ($stops === null) {
            return $text;
        }
        $doubling = $measure?->stopsInADoubling();
        if ($doubling === null || $number === null) {
            return $stops;
        }
        $factor = 2 ** ($stops / $doubling);
        $beyond = $comparison === Comparison::AtLeast->value ? $number / $factor : $number * $factor;

        return round(abs($beyond - $number), 9);
    }

    private static function stops(float $stops): string
    {
        $thirds = 3 * $stops;

        // What is no third is written as it is.
        return abs($thirds - round($thirds)) < 0.011 ? Stops::of($stops)->signed() : self::plain($stops);
    }

    private static function plain(float $value): string
    {
        return str_replace('-', '−', (string) round($value, 4));
    }
}
