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

    /** Signed, as the trade writes it, in thirds or halves, whichever is nearer: "+1⅔", "−½", "0". */
    public function signed(): string
    {
        $text = $this->amount();

        return ($text === '0' ? '' : ($this->value > 0 ? '+' : '−')).$text;
    }

    /** Without a sign, for an amount whose direction the sentence gives: "1⅔". */
    public function amount(): string
    {
        $amount = abs($this->value);
        [$halves, $thirds] = [(int) round($amount * 2), (int) round($amount * 3)];
        // Cameras step in thirds or in halves; what was measured is told by the nearer of both.
        $isHalf = $halves % 2 === 1 && abs($halves / 2 - $amount) < abs($thirds / 3 - $amount);
        $whole = $isHalf ? intdiv($halves, 2) : intdiv($thirds, 3);
        $part = $isHalf ? '½' : ['', '⅓', '⅔'][$thirds % 3];

        return $whole === 0 && $part !== '' ? $part : $whole.$part;
    }

    /** An amount with its unit: "⅓ stop", "1 stop", "1⅔ stops"; less than half a third in tenths. */
    public function inWords(): string
    {
        $text = $this->amount();
        $tenths = round(abs($this->value), 1);

        return match (true) {
            $text === '0' && $tenths > 0.0 => $tenths.' stop',
            in_array($text, ['⅓', '½', '⅔', '1'], true) => $text.' stop',
            default => $text.' stops',
        };
    }

    public function __toString(): string
    {
        return $this->signed();
    }
}
