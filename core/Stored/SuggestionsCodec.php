<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;
use TruePupil\Core\Adviser\Suggestion;

/**
 * The suggestions of a frame, the best first.
 *
 * @implements Codec<list<Suggestion>>
 */
final class SuggestionsCodec implements Codec
{
    private readonly SuggestionCodec $one;

    public function __construct()
    {
        $this->one = new SuggestionCodec();
    }

    public function version(): int
    {
        return $this->one->version();
    }

    /** @param  list<Suggestion>  $value */
    public function encode(mixed $value): array
    {
        return array_map($this->one->encode(...), $value);
    }

    /** @return list<Suggestion> */
    public function decode(array $data): array
    {
        return array_values(array_map($this->one->decode(...), array_map(self::data(...), $data)));
    }

    public function upgrade(array $data, int $from): array
    {
        return array_map(fn (mixed $one): array => $this->one->upgrade(self::data($one), $from), $data);
    }

    /** @return array<mixed> */
    private static function data(mixed $one): array
    {
        return is_array($one) ? $one : throw new InvalidArgumentException('A stored suggestion is an object.');
    }
}
