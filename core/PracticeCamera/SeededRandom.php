<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/** Numbers that look drawn by lot but belong to a name: the same name always gives the same. */
final class SeededRandom
{
    /** From 0 up to but not including 1. Neighbouring names give numbers that have nothing to do with each other. */
    public static function of(string $name): float
    {
        return hexdec(substr(hash('xxh3', $name), 0, 8)) / 0x1_0000_0000;
    }
}
