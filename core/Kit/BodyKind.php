<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

/** What sort of camera it is, where that changes what can be said of it. */
enum BodyKind: string
{
    case Camera = 'camera';
    case Phone = 'phone';

    public function label(): string
    {
        return match ($this) {
            self::Camera => 'a camera',
            self::Phone => 'a phone',
        };
    }

    /** The kind that a word means, also where another word is usual for it. */
    public static function fromWord(string $word): ?self
    {
        return self::tryFrom($word) ?? match ($word) {
            'telephone', 'smartphone', 'handset' => self::Phone,
            'compact', 'mirrorless', 'reflex', 'slr', 'rangefinder', 'view', 'view-camera', 'film' => self::Camera,
            default => null,
        };
    }
}
