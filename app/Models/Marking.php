<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** How a course marks: by pass, by points, or in lines of the instructor's own; and a mark in words. */
final readonly class Marking implements Castable
{
    public const MOST_POINTS = 100;

    public const MOST_LINES = 8;

    /**
     * @param  int  $most  points at most, of each line where there are lines
     * @param  list<string>  $lines  of a rubric
     */
    public function __construct(
        public MarkingKind $kind = MarkingKind::None,
        public int $most = 10,
        public array $lines = [],
    ) {
    }

    /** @return list<string> what is marked: one thing, or each line */
    public function parts(): array
    {
        return match ($this->kind) {
            MarkingKind::None => [],
            MarkingKind::Pass, MarkingKind::Points => ['Mark'],
            MarkingKind::Rubric => $this->lines,
        };
    }

    /** The most that one part can be given. */
    public function mostOfPart(): int
    {
        return $this->kind === MarkingKind::Pass ? 1 : $this->most;
    }

    /**
     * "pass", "14 of 20", "Light 3 of 4, Focus 2 of 4: 5 of 8"; null where nothing was given, or in another way than
     * the course marks now.
     *
     * @param  ?list<int>  $mark
     */
    public function words(?array $mark): ?string
    {
        $parts = $this->parts();
        if ($mark === null || $parts === [] || count($mark) !== count($parts)) {
            return null;
        }
        if ($this->kind === MarkingKind::Pass) {
            return $mark[0] === 1 ? 'pass' : 'not yet';
        }
        $sum = sprintf('%d of %d', array_sum($mark), count($parts) * $this->most);

        return $this->kind === MarkingKind::Points ? $sum : implode(', ', array_map(
            fn (string $line, int $points): string => sprintf('%s %d of %d', $line, $points, $this->most),
            $parts,
            $mark,
        )).': '.$sum;
    }

    /**
     * @param  array<mixed>  $arguments
     * @return CastsAttributes<Marking, Marking>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        /** @implements CastsAttributes<Marking, Marking> */
        return new class implements CastsAttributes
        {
            public function get(Model $model, string $key, mixed $value, array $attributes): Marking
            {
                $stored = is_string($value) ? (array) json_decode($value, true) : [];

                return new Marking(
                    MarkingKind::tryFrom((string) ($stored['kind'] ?? '')) ?? MarkingKind::None,
                    max(1, (int) ($stored['most'] ?? 10)),
                    array_values(array_map(strval(...), (array) ($stored['lines'] ?? []))),
                );
            }

            public function set(Model $model, string $key, mixed $value, array $attributes): ?string
            {
                return $value instanceof Marking && $value->kind !== MarkingKind::None
                    ? (string) json_encode(
                        ['kind' => $value->kind->value, 'most' => $value->most, 'lines' => $value->lines],
                        JSON_UNESCAPED_UNICODE,
                    )
                    : null;
            }
        };
    }
}
