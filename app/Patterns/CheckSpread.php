<?php

declare(strict_types=1);

namespace App\Patterns;

use App\Models\Frame;
use App\Wording\CheckNumber;
use App\Wording\Quantity;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;

/**
 * One check of a brief over a class: how many met it, and on which side of its limit the others lie.
 *
 * @phpstan-type Result array{
 *     verdict: Verdict, value: float|string|null, margin: ?float, student: int, frame: ?Frame,
 * }
 */
final readonly class CheckSpread
{
    /**
     * @param  list<Result>  $results  a frame each
     * @param  float|list<string>  $limit
     */
    private function __construct(
        public CheckMeasure $measure,
        public string $sentence,
        public float|array $limit,
        public array $results,
    ) {
    }

    /**
     * @param  non-empty-list<array{check: array<string, mixed>, student: int, frame?: Frame}>  $stored
     *     the same check of every frame
     */
    public static function of(array $stored): self
    {
        $first = $stored[0]['check'];

        return new self(
            Measures::of($first['measure']),
            (string) $first['sentence'],
            is_array($first['limit']) ? array_values($first['limit']) : (float) $first['limit'],
            array_map(
                fn (array $one): array => [
                    'verdict' => Verdict::from($one['check']['verdict']),
                    'value' => is_int($one['check']['value']) ? (float) $one['check']['value'] : $one['check']['value'],
                    'margin' => is_numeric($one['check']['margin'] ?? null) ? (float) $one['check']['margin'] : null,
                    'student' => $one['student'],
                    'frame' => $one['frame'] ?? null,
                ],
                $stored,
            ),
        );
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->results, fn (array $one): bool => $one['verdict'] === $verdict));
    }

    /** How many frames it was asked of; what is counted by verdict adds up to it. */
    public function asked(): int
    {
        return count($this->results);
    }

    /** Students of whom a frame is known not to meet it. */
    public function studentsOff(): int
    {
        return count(array_unique(array_column(
            array_filter($this->results, fn (array $one): bool => $one['verdict']->isOff()),
            'student',
        )));
    }

    /** "4 met, 1 close, 2 missed, 1 cannot be told": only what there is. */
    public function counts(): string
    {
        $parts = [];
        foreach (Verdict::cases() as $verdict) {
            $count = $this->count($verdict);
            $word = $verdict === Verdict::Unknown ? 'cannot be told' : $verdict->label();
            array_push($parts, ...$count === 0 ? [] : [$count.' '.$word]);
        }

        return implode(', ', $parts);
    }

    /**
     * The frame that meets it best and the one that misses it most, of those that their owners show to the class.
     *
     * @return array{?Frame, ?Frame}
     */
    public function bestAndWorst(): array
    {
        $shown = array_filter(
            $this->results,
            fn (array $one): bool => $one['frame']?->attempt->may_show === true && $one['verdict'] !== Verdict::Unknown,
        );
        // What is measured in words has no margin: met is better than missed.
        $rank = fn (array $one): array => [
            $one['verdict'] === Verdict::Met ? 2 : ($one['verdict'] === Verdict::Close ? 1 : 0),
            $one['margin'] ?? 0.0,
        ];
        usort($shown, fn (array $a, array $b): int => $rank($b) <=> $rank($a));
        [$best, $worst] = [$shown[0] ?? null, end($shown) ?: null];

        return [
            $best !== null && $best['verdict'] === Verdict::Met ? $best['frame'] : null,
            $worst !== null && $worst['verdict']->isOff() ? $worst['frame'] : null,
        ];
    }

    /**
     * How many lie beside the limit, and where: "3 too dark, 2 too bright"; for words, what was there instead.
     *
     * @return string empty where everybody met it
     */
    public function sides(): string
    {
        $beside = array_values(
            array_filter(
                $this->results,
                fn (array $one): bool => $one['verdict']->isOff(),
            ),
        );

        return Sides::inWords(array_map(
            fn (array $one): string => (string) (new CheckNumber(
                $this->measure,
                $one['verdict'],
                $one['value'],
                $this->limit,
            ))->side(),
            $beside,
        ));
    }

    /** From which value to which it goes; null for words, and where fewer than two are known. */
    public function range(): ?string
    {
        $values = $this->values();
        if (count($values) < 2) {
            return null;
        }
        $unit = $this->measure->unit;
        [$least, $most] = [Quantity::quantity(min($values), $unit), Quantity::quantity(max($values), $unit)];

        return $least === $most ? $least.' in all of them' : $least.' to '.$most;
    }

    /** @return list<float> the numbers that are known */
    public function values(): array
    {
        return array_values(array_filter(array_column($this->results, 'value'), is_float(...)));
    }
}
