<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\TypedNumber;

/**
 * The scale that a check's limits can be moved on: a dial's thirds of a stop about what is asked, or even steps where
 * no dial has it. Places along it are counted in stops, or in the measure's own unit.
 */
final readonly class CheckScale
{
    /** Thirds of a stop to either side of what is asked. */
    private const THIRDS = 12;

    /** Steps of a scale that is no dial, at most. */
    private const STEPS = 40;

    /** @param  list<array{place: float, text: string}>  $steps  from low to high */
    private function __construct(public array $steps, public bool $isInStops)
    {
    }

    /** Null for words, for what is chosen by a word, and where no number is typed yet. */
    public static function of(?CheckMeasure $measure, string $comparison, string $limit, string $upTo): ?self
    {
        $from = TypedNumber::parse($limit);
        if ($measure === null || $from === null || $measure->words !== [] || $measure->levels() !== []) {
            return null;
        }
        $to = $comparison === Comparison::Between->value ? TypedNumber::parse($upTo) ?? $from : $from;
        if ($measure->stopsInADoubling() === null || $measure->engraved(1.0) === null) {
            return new self(self::even($measure, $comparison, $from, $to), $measure->unit === 'stops');
        }

        return $from > 0.0 && $to > 0.0 ? new self(self::dial($measure, $from, $to), true) : null;
    }

    /** Where a value stands on it. */
    public static function place(CheckMeasure $measure, float $value): ?float
    {
        $doubling = $measure->engraved(1.0) === null ? null : $measure->stopsInADoubling();
        if ($doubling === null) {
            return round($value, 6);
        }

        return $value > 0.0 ? round($doubling * log($value, 2), 6) : null;
    }

    /**
     * Where a check's limits stand on it, and how far beyond them is close.
     *
     * @return ?array{limit: float, upTo: ?float, tolerance: float}
     */
    public static function places(Check $check): ?array
    {
        if (! is_float($check->limit)) {
            return null;
        }
        $limit = self::place($check->measure, $check->limit);
        if ($limit === null) {
            return null;
        }
        $beyond = self::place($check->measure, $check->closeBeyond($check->limit));

        return [
            'limit' => $limit,
            'upTo' => $check->upTo === null ? null : self::place($check->measure, $check->upTo),
            'tolerance' => $beyond === null ? 0.0 : round(abs($beyond - $limit), 6),
        ];
    }

    /** @return list<array{place: float, text: string}> */
    private static function dial(CheckMeasure $measure, float $from, float $to): array
    {
        $doubling = (float) $measure->stopsInADoubling();
        $middle = sqrt($measure->exact($from) * $measure->exact($to));
        $reach = self::THIRDS + (int) ceil(1.5 * abs(log($to / $from, 2)) * $doubling);
        $steps = [];
        for ($third = -$reach; $third <= $reach; $third++) {
            $value = $middle * 2 ** ($third / 3 / $doubling);
            $text = $measure->told($value);
            $steps[$text] = ['place' => self::place($measure, $value) ?? 0.0, 'text' => $text];
        }

        return array_values($steps);
    }

    /** @return list<array{place: float, text: string}> */
    private static function even(CheckMeasure $measure, string $comparison, float $from, float $to): array
    {
        $usual = is_float($measure->usual->limit) ? $measure->usual->limit : 0.0;
        $far = 2.5 * max(abs($from), abs($to), abs($usual), 4e-4);
        $isToBothSides = $measure->isAboutZero && $comparison !== Comparison::Within->value;
        $low = $isToBothSides || $from < 0.0 ? -$far : 0.0;
        $step = $measure->unit === 'stops' ? self::thirds($far - $low) : self::nice($far - $low);
        $steps = [];
        for ($at = (int) round($low / $step); $at * $step <= $far + $step / 2; $at++) {
            $steps[] = ['place' => round($at * $step, 6), 'text' => LimitText::write(
                $measure,
                $at * $step,
                $comparison === Comparison::Within->value,
            )];
        }

        return $steps;
    }

    /** Of a scale so many stops wide. */
    private static function thirds(float $wide): float
    {
        return $wide * 3 <= self::STEPS ? 1 / 3 : ceil($wide / self::STEPS);
    }

    /** 1, 2 or 5 of a power of ten. */
    private static function nice(float $wide): float
    {
        $power = 10 ** floor(log10($wide / self::STEPS));
        foreach ([1, 2, 5] as $of) {
            if ($wide / ($of * $power) <= self::STEPS) {
                return $of * $power;
            }
        }

        return 10 * $power;
    }
}
