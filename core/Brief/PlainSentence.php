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
        $asked = self::asked($check);

        // "ISO 400" says itself what it is.
        return (str_starts_with($asked, $check->measure->label.' ') ? '' : ucfirst($check->measure->label).': ').$asked;
    }

    /** Without the name of what is measured: "ƒ/2.8 or wider; ƒ/3.2 is close", "anything but program or automatic". */
    public static function asked(Check $check): string
    {
        $measure = $check->measure;
        if (is_array($check->limit)) {
            $words = array_map($measure->word(...), $check->limit);

            return ($check->comparison === Comparison::NoneOf ? 'anything but ' : '').self::either($words);
        }
        if ($check->tolerance <= 0) {
            return self::demand($check);
        }
        $beyond = self::amount($check->closeBeyond($check->limit), $measure);

        return self::demand($check).'; '.($check->upTo === null
            ? $beyond.' is close'
            : $beyond.' and '.self::amount($check->closeBeyond($check->upTo), $measure).' are close');
    }

    /** What a check of a number asks, without what is close: "ƒ/2.8 or wider", "70 to 135 mm". */
    public static function demand(Check $check): string
    {
        $measure = $check->measure;
        $limit = is_float($check->limit) ? $check->limit : throw new \LogicException('Words have no limit.');
        if ($check->upTo !== null) {
            [$from, $to] = [self::amount($limit, $measure), self::amount($check->upTo, $measure)];
            $unit = ' '.$measure->unit;

            // The unit is said once.
            return (str_ends_with($from, $unit) && str_ends_with($to, $unit) ? substr($from, 0, -strlen($unit)) : $from)
                .' to '.$to;
        }

        return $check->comparison === Comparison::Within
            ? 'within '.self::amount($limit, $measure).' to either side'
            : self::amount($limit, $measure).' '.$measure->orWord($check->comparison);
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
