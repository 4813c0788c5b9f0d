<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * A difference of light, as the base-2 logarithm of a ratio. +1 is twice the light.
 *
 * Example: Stops::ofRatio(4.0)->value is 2.0; (string) Stops::of(5 / 3) is "+1⅔".
 */
final readonly class Stops
{
    private function __construct(public float $value)
    {
    }

    /** @throws InvalidExposure when the number is not finite */
    public static function of(float $value): self
    {
        if (! is_finite($value)) {
            throw InvalidExposure::notFinite('a number of stops', $value);
        }

        return new self($value);
    }

    /** @throws InvalidExposure when the ratio is zero, negative or not finite */
    public static function ofRatio(float $ratio): self
    {
        InvalidExposure::unlessPositive('a ratio of light', $ratio);

        return new self(log($ratio, 2));
    }

    public static function none(): self
    {
        return new self(0.0);
    }

    public function ratio(): float
    {
        return 2.0 ** $this->value;
    }

    public function plus(self $other): self
    {
        return new self($this->value + $other->value);
    }

    public function minus(self $other): self
    {
        return new self($this->value - $other->value);
    }

    public function negated(): self
    {
        return new self(-$this->value);
    }

    /** The nearest whole third: the finest step that cameras commonly offer. */
    public function inThirds(): int
    {
        return (int) round($this->value * 3);
    }

    public function isWithin(self $tolerance): bool
    {
        // A hair of slack, so that thirds that went through logarithms still compare equal to thirds.
        return abs($this->value) <= abs($tolerance->value) + 1e-9;
    }

    /** Signed thirds, as the trade writes them: "+1⅔", "−⅓", "0". */
    public function signed(): string
    {
        $thirds = $this->inThirds();

        return ($thirds > 0 ? '+' : ($thirds < 0 ? '−' : '')).self::thirdsAsText(abs($thirds));
    }

    /** Without a sign, for an amount whose direction the sentence gives: "1⅔". */
    public function amount(): string
    {
        return self::thirdsAsText(abs($this->inThirds()));
    }

    /** An amount with its unit: "⅓ stop", "1 stop", "1⅔ stops". */
    public function inWords(): string
    {
        return $this->amount().(abs($this->inThirds()) <= 3 && $this->inThirds() !== 0 ? ' stop' : ' stops');
    }

    public function __toString(): string
    {
        return $this->signed();
    }

    private static function thirdsAsText(int $thirds): string
    {
        $whole = intdiv($thirds, 3);
        $part = ['', '⅓', '⅔'][$thirds % 3];

        return $whole === 0 && $part !== '' ? $part : $whole.$part;
    }
}
