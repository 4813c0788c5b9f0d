<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/**
 * How much of the subject is to be sharp: depth and softness are one trade-off. A wish, which the light may shorten;
 * who must have a range sharp says its distances.
 */
enum KeptSharp: string
{
    case NearEye = 'near-eye';
    case BothEyes = 'both-eyes';
    case Head = 'head';
    case Everything = 'everything';

    public function label(): string
    {
        return match ($this) {
            self::NearEye => 'the near eye',
            self::BothEyes => 'both eyes',
            self::Head => 'the whole head',
            self::Everything => 'everything',
        };
    }

    /** The depth in m that it asks for about the subject; null for as little, or as much, as the lens has. */
    public function depth(): ?float
    {
        return match ($this) {
            self::NearEye, self::Everything => null,
            self::BothEyes => 0.07,
            self::Head => 0.2,
        };
    }
}
