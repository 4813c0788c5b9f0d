<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** How bright a picture is meant to be, where that is not as bright as usual. */
enum MeantTone: string
{
    case Silhouette = 'silhouette';
    case LowKey = 'low-key';
    case HighKey = 'high-key';
    case Darker = 'darker';
    case Brighter = 'brighter';
    /** Evening stays evening. */
    case AsSeen = 'as-seen';

    public function label(): string
    {
        return match ($this) {
            self::Silhouette => 'a silhouette',
            self::LowKey => 'low key: mostly dark',
            self::HighKey => 'high key: mostly bright',
            self::Darker => 'darker than usual, on purpose',
            self::Brighter => 'brighter than usual, on purpose',
            self::AsSeen => 'as dark as it was',
        };
    }

    public function isDark(): bool
    {
        return ! in_array($this, [self::HighKey, self::Brighter], true);
    }
}
