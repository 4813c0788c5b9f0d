<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Exposure\ExposureTime;

/** What a check demands, said from its measure, comparison, limit and tolerance. */
final class PlainSentence
{
    /** Stops from a time on the dial within which a time is said as that one. */
    private const NEAR = 0.06;

    public static function of(Check $check): string
    {
        $measure = $check->measure;
        $name = ucfirst($measure->label).': ';
        if (is_array($check->limit)) {
            $words = array_map($measure->word(...), $check->limit);

            return $name.($check->comparison === Comparison::NoneOf ? 'anything but ' : '').self::either($words);
        }
        $demand = $check->comparison === Comparison::Within
            ? 'within '.self::amount($check->limit, $measure).' to either side'
            : self::amount($check->limit, $measure).' '.$measure->orWord($check->comparison);
        // "ISO 400" says itself what it is.
        $name = str_starts_with($demand, $measure->label.' ') ? '' : $name;
        if ($check->tolerance <= 0) {
            return $name.$demand;
        }
        $isLeast = $check->comparison === Comparison::AtLeast;
        $beyond = $check->limit + ($isLeast ? -1 : 1) * $check->tolerance;

        return $name.$demand.'; '.self::amount($beyond, $measure).' is close';
    }

    /** @param  list<string>  $words */
    private static function either(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words).' or '.$last;
    }

    /** Twice a 125th is said as a 60th, as it stands on the dial. */
    private static function time(float $seconds): string
    {
        $nearest = ExposureTime::nearest($seconds);

        return (string) (abs(log($nearest->exact / $seconds, 2)) < self::NEAR ? $nearest : ExposureTime::of($seconds));
    }

    /** A distance to either side of zero has no sign. */
    private static function amount(float $value, CheckMeasure $measure): string
    {
        $isDial = $measure->unit === 's' && $value > 0 && $value <= 60;

        return $isDial ? self::time($value) : ltrim($measure->told($value), '+');
    }
}
