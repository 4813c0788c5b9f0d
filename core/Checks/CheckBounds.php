<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordFlash;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\RecordFocalLength35;
use TruePupil\Core\Checks\Measures\RecordIso;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Checks\Measures\RecordSupport;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What a brief's checks on settings leave to choose from: nothing that would miss one of them is suggested. */
final class CheckBounds
{
    /** @param  ?string  $row  of the brief that a frame belongs to; checks of other rows are none of its business */
    public static function of(?Brief $brief, ?string $row = null): SettingBounds
    {
        $checks = array_filter(
            $brief->checks ?? [],
            fn (Check $check): bool => $check->row === null || $check->row === $row,
        );
        $range = fn (string $measure): array => self::range($checks, $measure);

        return new SettingBounds(
            $range(RecordFNumber::ID),
            $range(RecordExposureTime::ID),
            $range(RecordIso::ID),
            self::words($checks, RecordMode::ID, ExposureMode::class, [
                ExposureMode::Manual, ExposureMode::Aperture, ExposureMode::Shutter, ExposureMode::ManualAutoIso,
                ExposureMode::Program, ExposureMode::Bulb, ExposureMode::Auto,
            ]),
            self::words($checks, RecordSupport::ID, Support::class, Support::cases()),
            ! self::forbids($checks, RecordFlash::ID, 'fired'),
            $range(RecordFocalLength35::ID),
        );
    }

    /**
     * @param  array<Check>  $checks
     * @return array{float, float}
     */
    private static function range(array $checks, string $measure): array
    {
        [$from, $to] = [0.0, INF];
        foreach ($checks as $check) {
            if ($check->measure->id === $measure && is_float($check->limit)) {
                match ($check->comparison) {
                    Comparison::AtLeast => $from = max($from, $check->limit),
                    Comparison::AtMost => $to = min($to, $check->limit),
                    Comparison::Between => [$from, $to] = [
                        max($from, $check->limit),
                        min($to, $check->upTo ?? INF),
                    ],
                    default => null,
                };
            }
        }

        // What nothing can meet bounds nothing.
        return $from <= $to ? [$from, $to] : [0.0, INF];
    }

    /**
     * @template T of ExposureMode|Support
     *
     * @param  array<Check>  $checks
     * @param  class-string<T>  $of
     * @param  list<T>  $all
     * @return list<T> none where nothing is asked
     */
    private static function words(array $checks, string $measure, string $of, array $all): array
    {
        $left = $all;
        foreach ($checks as $check) {
            if ($check->measure->id === $measure && is_array($check->limit)) {
                $left = array_filter(
                    $left,
                    fn (ExposureMode|Support $one): bool => in_array($one->value, $check->limit, true) ===
                        ($check->comparison === Comparison::OneOf),
                );
            }
        }

        return count($left) === count($all) || $left === [] ? [] : array_values($left);
    }

    /** @param  array<Check>  $checks */
    private static function forbids(array $checks, string $measure, string $word): bool
    {
        foreach ($checks as $check) {
            if ($check->measure->id === $measure && is_array($check->limit)) {
                $isNamed = in_array($word, $check->limit, true);
                if ($isNamed !== ($check->comparison === Comparison::OneOf)) {
                    return true;
                }
            }
        }

        return false;
    }
}
