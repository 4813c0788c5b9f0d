<?php

declare(strict_types=1);

namespace App\Patterns;

use App\Wording\Quantity;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;

/** One check of a brief over a class: how many met it, and on which side of its limit the others lie. */
final readonly class CheckSpread
{
    /**
     * @param  list<array{verdict: Verdict, value: float|string|null, student: int}>  $results  a frame each
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
     * @param  non-empty-list<array{check: array<string, mixed>, student: int}>  $stored
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
                    'student' => $one['student'],
                ],
                $stored,
            ),
        );
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->results, fn (array $one): bool => $one['verdict'] === $verdict));
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
                fn (array $one): bool => in_array($one['verdict'], [Verdict::Missed, Verdict::Close], true),
            ),
        );

        return Sides::inWords(array_map(
            fn (array $one): string => is_string($one['value'])
                ? $this->measure->word($one['value'])
                : $this->side((float) $one['value']),
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

    private function side(float $value): string
    {
        [$below, $above] = $this->measure->sides;

        // What is beside a limit to either side of zero, and negative, lies below it as well.
        return $value > (is_float($this->limit) ? $this->limit : 0.0) ? $above : $below;
    }
}
