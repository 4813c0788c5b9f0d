<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;

/**
 * What was drawn on a frame beside its subject.
 *
 * @implements Codec<list<Mark>>
 */
final class MarksCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  list<Mark>  $value */
    public function encode(mixed $value): array
    {
        return array_map(fn (Mark $mark): array => ['kind' => $mark->kind->value, 'points' => $mark->points], $value);
    }

    /** @return list<Mark> */
    public function decode(array $data): array
    {
        $marks = [];
        foreach ($data as $one) {
            $kind = is_array($one) && is_string($one['kind'] ?? null) ? MarkKind::tryFrom($one['kind']) : null;
            if (! is_array($one) || $kind === null || ! is_array($one['points'] ?? null)) {
                throw new InvalidArgumentException('A stored mark has a kind that is known and a list of points.');
            }
            $marks[] = Mark::of($kind, $one['points']);
        }

        return $marks;
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
