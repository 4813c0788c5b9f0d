<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Json\Fields;

/**
 * A rectangle on the frame, as fractions of it.
 *
 * @implements Codec<Region>
 */
final class RegionCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  Region  $value */
    public function encode(mixed $value): array
    {
        return ['x' => $value->x, 'y' => $value->y, 'width' => $value->width, 'height' => $value->height];
    }

    public function decode(array $data): Region
    {
        $fields = Fields::of($data);

        return Region::of(
            $fields->number('x'),
            $fields->number('y'),
            $fields->number('width'),
            $fields->number('height'),
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
