<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

/** How much of the frame the focus may choose from. */
enum FocusArea: string
{
    case Point = 'point';
    case Zone = 'zone';
    case Wide = 'wide';
    case Tracking = 'tracking';

    public function label(): string
    {
        return match ($this) {
            self::Point => 'one point',
            self::Zone => 'a zone',
            self::Wide => 'the whole frame',
            self::Tracking => 'follows what it took',
        };
    }
}
