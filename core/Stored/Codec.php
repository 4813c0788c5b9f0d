<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;

/**
 * Turns a value into plain data that can be stored for years, and back. The stored names are written out in the codec,
 * so that renaming a property changes nothing that was stored before.
 *
 * @template T
 */
interface Codec
{
    /** Counts up whenever the stored form changes; data stored without a version is of version 0. */
    public function version(): int;

    /**
     * @param  T  $value
     * @return array<mixed>
     */
    public function encode(mixed $value): array;

    /**
     * @param  array<mixed>  $data  in the form of the current version
     * @return T
     *
     * @throws InvalidArgumentException when it cannot be read
     */
    public function decode(array $data): mixed;

    /**
     * Brings data of an older version to the form of the current one.
     *
     * @param  array<mixed>  $data
     * @return array<mixed>
     */
    public function upgrade(array $data, int $from): array;
}
