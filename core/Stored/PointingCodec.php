<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Composition\Pointing;
use TruePupil\Core\Composition\PointingShape;
use TruePupil\Core\Json\Fields;

/**
 * What a note points at: a shape, and its points as fractions of the frame, one number after the other.
 *
 * @implements Codec<Pointing>
 */
final class PointingCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  Pointing  $value */
    public function encode(mixed $value): array
    {
        return ['shape' => $value->shape->value, 'points' => array_merge(...$value->points)];
    }

    public function decode(array $data): Pointing
    {
        $fields = Fields::of($data);
        $shape = $fields->choice('shape', PointingShape::class);
        $numbers = array_values(array_filter((array) $fields->raw('points'), is_numeric(...)));

        return Pointing::of(
            $shape instanceof PointingShape ? $shape : PointingShape::Line,
            array_map(
                fn (array $pair): array => [(float) $pair[0], (float) ($pair[1] ?? -1.0)],
                array_chunk($numbers, 2),
            ),
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
