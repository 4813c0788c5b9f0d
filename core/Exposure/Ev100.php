<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * An amount of light, as the exposure value at ISO 100 that would render it as mid-grey.
 *
 * EV = log2(N²/t) and EV100 = EV − log2(S/100) (APEX, as in EXIF). The meter constants are those of ISO 2720:
 * K = 12.5 cd/m² for reflected light, C = 250 lx for incident light.
 */
final readonly class Ev100
{
    /** cd/m² (ISO 2720, reflected light). */
    public const K = 12.5;

    /** lx (ISO 2720, incident light). */
    public const C = 250.0;

    /** EV100 of the bright-sun rule: f/16 at 1/ISO s, log2(16² · 100). */
    public const BRIGHT_SUN = 14.643856189774725;

    private function __construct(public float $value)
    {
    }

    /** @throws InvalidExposure when not finite */
    public static function of(float $value): self
    {
        if (! is_finite($value)) {
            throw InvalidExposure::notFinite('an exposure value', $value);
        }

        return new self($value);
    }

    /** EV100 from the bare numbers. $fNumber, $seconds and $iso greater than zero. @throws InvalidExposure */
    public static function fromNumbers(float $fNumber, float $seconds, float $iso): self
    {
        foreach (['f-number' => $fNumber, 'exposure time' => $seconds, 'ISO' => $iso] as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }

        return new self(log($fNumber ** 2 / $seconds, 2) - log($iso / 100, 2));
    }

    /** EV100 of a surface of the given luminance in cd/m²: L = 2^EV100 · K/100 (ISO 2720). @throws InvalidExposure */
    public static function fromLuminance(float $candelasPerSquareMetre): self
    {
        InvalidExposure::unlessPositive('luminance', $candelasPerSquareMetre);

        return new self(log(($candelasPerSquareMetre * 100) / self::K, 2));
    }

    /** The luminance in cd/m² that renders as mid-grey. */
    public function luminance(): float
    {
        return (2.0 ** $this->value * self::K) / 100;
    }

    /** The illuminance in lx that an incident meter would read. */
    public function illuminance(): float
    {
        return (2.0 ** $this->value * self::C) / 100;
    }

    public function plus(Stops $stops): self
    {
        return new self($this->value + $stops->value);
    }

    public function minus(self $other): Stops
    {
        return Stops::of($this->value - $other->value);
    }
}
