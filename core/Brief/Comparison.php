<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** How a check compares what was measured with its limit. */
enum Comparison: string
{
    /** |value| at most the limit: for errors about zero. */
    case Within = 'within';
    case AtMost = 'atMost';
    case AtLeast = 'atLeast';
    /** From the limit to a second one, both of them allowed. */
    case Between = 'between';
    /** The value, a word, is not in the list. */
    case NoneOf = 'noneOf';
    /** The value, a word, is in the list. */
    case OneOf = 'oneOf';

    /** @return list<self> those that can be asked of a number */
    public static function ofNumbers(): array
    {
        return [self::AtMost, self::AtLeast, self::Between, self::Within];
    }

    public function label(): string
    {
        return match ($this) {
            self::Within => 'within, to either side',
            self::AtMost => 'at most',
            self::AtLeast => 'at least',
            self::Between => 'between',
            self::NoneOf => 'none of',
            self::OneOf => 'one of',
        };
    }
}
