<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Optics\SensorFormat;

/** The numbers and words a calculator was given, by key. */
final class CalculatorInput
{
    /** No size, distance, time or sensitivity is larger. */
    private const MOST = 1e9;

    /** @var array<string, true> what was asked for so far */
    private array $known = [];

    /** @param  array<string, string>  $values */
    private function __construct(private readonly array $values)
    {
    }

    /** @param  array<string, string>  $values */
    public static function of(array $values): self
    {
        return new self($values);
    }

    /** @param  array<string>  $pairs  "key=value" */
    public static function parse(array $pairs): self
    {
        $values = [];
        foreach ($pairs as $pair) {
            if (! str_contains($pair, '=')) {
                throw new InvalidArgumentException(sprintf('"%s" is not key=value.', $pair));
            }
            [$key, $value] = explode('=', $pair, 2);
            $values[trim($key)] = trim($value);
        }

        return new self($values);
    }

    public function has(string $key): bool
    {
        $this->known[$key] = true;

        return isset($this->values[$key]);
    }

    public function text(string $key): string
    {
        $this->known[$key] = true;

        return $this->values[$key] ?? throw new InvalidArgumentException(sprintf('"%s" is missing.', $key));
    }

    /** A number, or a fraction such as 1/125. */
    public function number(string $key): float
    {
        $text = $this->text($key);
        if (preg_match('~^(\d+(?:\.\d+)?)/(\d+(?:\.\d+)?)$~', $text, $part) === 1 && (float) $part[2] > 0) {
            return (float) $part[1] / (float) $part[2];
        }

        if (is_numeric($text) && abs((float) $text) > self::MOST) {
            throw new InvalidArgumentException(
                sprintf('"%s" is larger than anything that is photographed; got "%s".', $key, $text),
            );
        }

        return is_numeric($text) && is_finite((float) $text)
            ? (float) $text
            : throw new InvalidArgumentException(sprintf('"%s" must be a number; got "%s".', $key, $text));
    }

    public function numberOr(string $key, float $default): float
    {
        return $this->has($key) ? $this->number($key) : $default;
    }

    /** A number greater than zero. */
    public function positive(string $key): float
    {
        $number = $this->number($key);

        return $number > 0
            ? $number
            : throw new InvalidArgumentException(
                sprintf('"%s" must be greater than zero; got %s.', $key, $this->text($key)),
            );
    }

    public function positiveOr(string $key, float $default): float
    {
        return $this->has($key) ? $this->positive($key) : $default;
    }

    /**
     * Those of the keys that were given, as numbers.
     *
     * @return array<string, float>
     */
    public function numbersOf(string ...$keys): array
    {
        $numbers = [];
        foreach (array_filter($keys, $this->has(...)) as $key) {
            $numbers[$key] = $this->number($key);
        }

        return $numbers;
    }

    /** The circle of confusion, mm: given as "c", or that of the "format". */
    public function circleOfConfusion(): float
    {
        return $this->has('c')
            ? $this->positive('c')
            : SensorFormat::parse($this->text('format'))->circleOfConfusion();
    }

    /** @throws InvalidArgumentException naming what was given and no calculation asked for */
    public function refuseRest(): void
    {
        $rest = array_keys(array_diff_key($this->values, $this->known));
        if ($rest !== []) {
            $known = array_keys($this->known);
            sort($known);
            throw new InvalidArgumentException(
                sprintf('There is no "%s" here; there is %s.', $rest[0], implode(', ', $known)),
            );
        }
    }
}
