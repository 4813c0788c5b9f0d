<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Measures\FrameMeasures;

/**
 * What was measured in a frame, in the open format of measures.
 *
 * @implements Codec<FrameMeasures>
 */
final class MeasuresCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  FrameMeasures  $value */
    public function encode(mixed $value): array
    {
        return $value->toArray();
    }

    public function decode(array $data): FrameMeasures
    {
        return MeasuresReading::restore($data);
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }
}
