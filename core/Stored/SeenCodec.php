<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Json\Fields;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenFormat;

/**
 * What was found in a picture, in its open format.
 *
 * @implements Codec<Seen>
 */
final class SeenCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  Seen  $value */
    public function encode(mixed $value): array
    {
        return $value->toArray();
    }

    public function decode(array $data): Seen
    {
        return SeenFormat::read(Fields::of($data));
    }

    /** There is no older form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
