<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Composition\Mark;

/**
 * What was drawn on a frame beside its subject.
 *
 * @implements Codec<list<Mark>>
 */
final class MarksCodec implements Codec
{
    public function version(): int
    {
        return 2;
    }

    /** @param  list<Mark>  $value */
    public function encode(mixed $value): array
    {
        return array_map(
            fn (Mark $mark): array => [...$mark->toArray(), 'points' => $mark->points],
            $value,
        );
    }

    /** @return list<Mark> */
    public function decode(array $data): array
    {
        return array_map(fn (mixed $one): Mark => Mark::read(is_array($one) ? $one : []), array_values($data));
    }

    /** Versions 0 and 1 had the same form, without names of distractions. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
