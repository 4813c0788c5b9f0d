<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;

/** What a check demands, said from its measure, comparison, limit and tolerance. */
final class PlainSentence
{
    /** Stops from a time on the dial within which a time is said as that one. */
    private const NEAR = 0.06;

    public static function of(Check $check): string
    {
        $name = ucfirst($check->measure->label);
        if (is_array($check->limit)) {
            $words = array_map($check->measure->word(...), $check->limit);

            return $name.($check->comparison === Comparison::NoneOf ? ' is not ' : ' is ').self::either($words);
        }
        $amount = self::amount($check->limit, $check->measure->unit);
        $demand = match ($check->comparison) {
            Comparison::Within => 'lies within '.
                $amount.
                (in_array($check->measure->unit, ['stops', '°', 'min'], true) ? ' to either side' : ' of zero'),
            Comparison::AtLeast => 'is '.$amount.' or more',
            default => 'is '.$amount.' or less',
        };
        if ($check->tolerance <= 0) {
            return $name.' '.$demand;
        }
        $beyond = match ($check->comparison) {
            Comparison::AtLeast => $check->limit - $check->tolerance,
            default => $check->limit + $check->tolerance,
        };

        return $name.
            ' '.
            $demand.
            '; '.
            ($check->comparison === Comparison::AtLeast ? 'down' : 'up').
            ' to '.
            self::amount($beyond, $check->measure->unit).
            ' counts as close';
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

    private static function amount(float $value, string $unit): string
    {
        return match ($unit) {
            'stops' => ($value < 0 ? '−' : '').Stops::of($value)->inWords(),
            's' => $value > 0 && $value <= 60 ? self::time($value) : round($value, 2).' s',
            default => trim(round($value, 3).($unit === '°' ? '°' : ' '.$unit)),
        };
    }
}
