<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** What a brief is about, to find it again among many. */
enum BriefTopic: string
{
    case First = 'first';
    case Light = 'light';
    case DepthAndMovement = 'depth-movement';
    case Composition = 'composition';
    case People = 'people';
    case GoingOut = 'going-out';

    public function label(): string
    {
        return match ($this) {
            self::First => 'First things',
            self::Light => 'Light and exposure',
            self::DepthAndMovement => 'Depth and movement',
            self::Composition => 'Composition',
            self::People => 'People',
            self::GoingOut => 'Going out',
        };
    }
}
