<?php

declare(strict_types=1);

namespace TruePupil\Core\Json;

use BackedEnum;
use JsonException;

/** Reads decoded JSON with its types checked; every complaint names the place, such as "lenses.2.minFocal". */
final readonly class Fields
{
    /** @param  array<mixed>  $data */
    private function __construct(private array $data, private string $path)
    {
    }

    /** @throws InvalidFields when the text is not a JSON object */
    public static function parse(string $json): self
    {
        try {
            $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw new InvalidFields('The text is not JSON: '.$problem->getMessage().'.');
        }

        return is_array($data) ? new self($data, '') : throw new InvalidFields('The JSON must be an object.');
    }

    /** @param  array<mixed>  $data */
    public static function of(array $data): self
    {
        return new self($data, '');
    }

    /**
     * Refuses what nobody asks for: a misspelt key would be as if it had not been said.
     *
     * @param  list<string>  $known
     *
     * @throws InvalidFields naming the first that is not known, and those that are
     */
    public function refuseOthers(array $known): self
    {
        $others = array_values(array_diff(array_map(strval(...), array_keys($this->data)), $known));

        return $others === [] ? $this : throw InvalidFields::unknown($this->at($others[0]), $known);
    }

    /** @return array<mixed> all of it, unchecked */
    public function toArray(): array
    {
        return $this->data;
    }

    public function has(string $key): bool
    {
        return ($this->data[$key] ?? null) !== null;
    }

    public function raw(string $key): mixed
    {
        return $this->data[$key] ?? null;
    }

    public function number(string $key): float
    {
        $value = $this->raw($key) ?? throw InvalidFields::missing($this->at($key));
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            throw InvalidFields::expected($this->at($key), 'a number', $value);
        }

        return (float) $value;
    }

    public function numberOrNull(string $key): ?float
    {
        return $this->has($key) ? $this->number($key) : null;
    }

    public function numberOr(string $key, float $default): float
    {
        return $this->numberOrNull($key) ?? $default;
    }

    public function positive(string $key): float
    {
        $number = $this->number($key);

        return $number > 0.0 ? $number : throw InvalidFields::expected($this->at($key), 'greater than zero', $number);
    }

    public function positiveOrNull(string $key): ?float
    {
        return $this->has($key) ? $this->positive($key) : null;
    }

    public function positiveOr(string $key, float $default): float
    {
        return $this->positiveOrNull($key) ?? $default;
    }

    public function text(string $key): string
    {
        $value = $this->raw($key) ?? throw InvalidFields::missing($this->at($key));

        return is_string($value) && trim($value) !== ''
            ? $value
            : throw InvalidFields::expected($this->at($key), 'a text', $value);
    }

    public function textOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->text($key) : null;
    }

    public function flag(string $key): ?bool
    {
        $value = $this->raw($key);

        return $value === null || is_bool($value)
            ? $value
            : throw InvalidFields::expected($this->at($key), 'true or false', $value);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $choices
     * @return ?T
     */
    public function choice(string $key, string $choices): ?BackedEnum
    {
        $value = $this->raw($key);
        if ($value === null) {
            return null;
        }

        return (is_string($value) ? $choices::tryFrom($value) : null) ??
            throw InvalidFields::expected(
                $this->at($key),
                'one of '.implode(', ', array_column($choices::cases(), 'value')),
                $value,
            );
    }

    /** The object under a key; empty when it is missing. */
    public function part(string $key): self
    {
        $value = $this->raw($key) ?? [];

        return is_array($value)
            ? new self($value, $this->at($key))
            : throw InvalidFields::expected($this->at($key), 'an object', $value);
    }

    /** @return list<self> the objects in a list; none when it is missing */
    public function parts(string $key): array
    {
        $parts = [];
        foreach ($this->items($key) as $index => $value) {
            $where = $this->at($key).'.'.$index;
            $parts[] = is_array($value)
                ? new self($value, $where)
                : throw InvalidFields::expected($where, 'an object', $value);
        }

        return $parts;
    }

    /** @return list<float> */
    public function positives(string $key): array
    {
        $numbers = [];
        foreach ($this->items($key) as $index => $value) {
            $isPositive = (is_int($value) || is_float($value)) && is_finite((float) $value) && $value > 0;
            $numbers[] = $isPositive
                ? (float) $value
                : throw InvalidFields::expected($this->at($key).'.'.$index, 'a number greater than zero', $value);
        }

        return $numbers;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_map(
            fn (mixed $value): string => is_string($value)
                ? $value
                : throw InvalidFields::expected($this->at($key), 'a list of texts', $value),
            $this->items($key),
        );
    }

    /** @return list<mixed> */
    private function items(string $key): array
    {
        $value = $this->raw($key) ?? [];

        return is_array($value)
            ? array_values($value)
            : throw InvalidFields::expected($this->at($key), 'a list', $value);
    }

    /** The place of a key, as complaints name it. */
    public function at(string $key): string
    {
        return $this->path === '' ? $key : $this->path.'.'.$key;
    }
}
