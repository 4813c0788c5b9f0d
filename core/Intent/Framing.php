<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** How much of the subject is to be in the picture. */
enum Framing: string
{
    case Face = 'face';
    case Bust = 'bust';
    case Half = 'half';
    case Whole = 'whole';
    case Group = 'group';
    case Room = 'room';
    case View = 'view';
    case Detail = 'detail';

    public function label(): string
    {
        return match ($this) {
            self::Face => 'the face',
            self::Bust => 'head and shoulders',
            self::Half => 'to the waist',
            self::Whole => 'all of it',
            self::Group => 'a group',
            self::Room => 'a room',
            self::View => 'a view',
            self::Detail => 'a detail',
        };
    }

    /**
     * The 35 mm equivalent focal length in mm that it is usually taken with, where nobody says; null where the lens is
     * free.
     */
    public function usualFocalLength(): ?float
    {
        return match ($this) {
            self::Face, self::Bust => 85.0,
            self::Half => 70.0,
            self::Whole => 50.0,
            self::Group => 35.0,
            self::View => 28.0,
            self::Room => 20.0,
            self::Detail => null,
        };
    }

    /** The framing that a word means, also where another word is usual for it. */
    public static function fromWord(string $word): ?self
    {
        return self::tryFrom($word) ?? match ($word) {
            'head', 'portrait', 'eyes' => self::Face,
            'head-and-shoulders', 'shoulders' => self::Bust,
            'waist', 'three-quarter' => self::Half,
            'full', 'full-length', 'figure', 'body' => self::Whole,
            'people', 'rows' => self::Group,
            'interior', 'wide' => self::Room,
            'landscape', 'scene' => self::View,
            'close', 'close-up', 'macro' => self::Detail,
            default => null,
        };
    }
}
