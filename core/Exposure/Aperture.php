<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * An f-number: focal length divided by the diameter of the entrance pupil (no unit). Domain: greater than zero.
 *
 * Example: Aperture::of(5.6)->exact is 5.6569; (string) Aperture::of(5.6) is "ƒ/5.6".
 */
final class Aperture
{
    use ScaleValue;

    private const NAME = 'f-number';

    /** Light that this aperture lets through more than another, as steps of the scale. */
    public function stopsMoreLightThan(self $other): Stops
    {
        return Stops::of(2 * log($other->snapped() / $this->snapped(), 2));
    }

    /** Av = log2 N² (APEX), from the exact value. */
    public function apex(): float
    {
        return 2 * log($this->exact, 2);
    }

    public function __toString(): string
    {
        $nominal = $this->nominal();

        return 'ƒ/'.round($nominal, $nominal >= 10 && $this->isOnScale() ? 0 : 1);
    }

    private static function scale(): Scale
    {
        return self::scaleOf(StopIncrement::Third);
    }

    private static function scaleOf(StopIncrement $increment): Scale
    {
        /** @var array<int, Scale> $scales */
        static $scales = [];

        return $scales[$increment->value] ??= Scale::aperture($increment);
    }
}
