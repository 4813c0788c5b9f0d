<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use OutOfBoundsException;

/** The measures that checks can look at, by id. */
final class Measures
{
    /** @var array<string, Measure> those that were asked for */
    private static array $made = [];

    /** Null where there is none of this id. */
    public static function find(string $id): ?Measure
    {
        if (isset(self::$made[$id])) {
            return self::$made[$id];
        }
        $class = __NAMESPACE__.'\\Measures\\'.str_replace(' ', '', ucwords(str_replace('.', ' ', $id)));
        if (preg_match('/^[a-z]+\.[a-zA-Z0-9]+$/', $id) !== 1 || ! is_subclass_of($class, Measure::class)) {
            return null;
        }
        $measure = new $class();

        return $measure->id === $id ? self::$made[$id] = $measure : null;
    }

    /** @throws OutOfBoundsException where there is none of this id */
    public static function of(string $id): Measure
    {
        return self::find($id) ?? throw new OutOfBoundsException(sprintf('There is no measure "%s".', $id));
    }
}
