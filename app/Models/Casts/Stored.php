<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use JsonException;
use TruePupil\Core\Stored\Codec;
use TruePupil\Core\Stored\Envelope;

/**
 * A column that holds a value of the core, with the version of its stored form. Data that cannot be read, because they
 * are damaged or newer than this program, count as not there: the failure is reported, and the row is still usable.
 *
 * @implements CastsAttributes<mixed, mixed>
 */
final class Stored implements CastsAttributes
{
    /**
     * Laravel keeps objects that a cast made, but no lists: each text is decoded once.
     *
     * @var ?array{string, mixed}
     */
    private ?array $decoded = null;

    /** @param  class-string<Codec<mixed>>  $codec */
    public function __construct(private readonly string $codec)
    {
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        if (! is_string($value) || $value === '') {
            return null;
        }
        if ($this->decoded === null || $this->decoded[0] !== $value) {
            $this->decoded = [$value, $this->decode($value)];
        }

        return $this->decoded[1];
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null
            ? null
            : json_encode(
                Envelope::seal(new $this->codec(), $value),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
            );
    }

    private function decode(string $value): mixed
    {
        try {
            $stored = json_decode($value, true, flags: JSON_THROW_ON_ERROR);

            return is_array($stored) ? Envelope::open(new $this->codec(), $stored) : null;
        } catch (InvalidArgumentException|JsonException $problem) {
            report($problem);

            return null;
        }
    }
}
