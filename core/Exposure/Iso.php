<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * ISO speed or exposure index (ISO 12232, no unit). Domain: greater than zero.
 *
 * Example: Iso::of(640)->exact is 635.0; (string) Iso::of(640) is "ISO 640".
 */
final class Iso
{
    use ScaleValue;

    private const NAME = 'ISO';

    /** Brightening that this ISO gives more than another, as steps of the scale. */
    public function stopsMoreThan(self $other): Stops
    {
        return Stops::of(log($this->snapped() / $other->snapped(), 2));
    }

    /** Stops above ISO 100, from the exact value. */
    public function stopsAbove100(): float
    {
        return log($this->exact / 100, 2);
    }

    public function __toString(): string
    {
        return 'ISO '.round($this->nominal());
    }

    private static function scale(): Scale
    {
        return self::scaleOf(StopIncrement::Third);
    }

    private static function scaleOf(StopIncrement $increment): Scale
    {
        /** @var array<int, Scale> $scales */
        static $scales = [];

        return $scales[$increment->value] ??= Scale::iso($increment);
    }
}
