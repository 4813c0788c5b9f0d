<?php

declare(strict_types=1);

namespace App\Models;

/** What the practice camera writes of a frame. */
enum ShotQuality: string
{
    case Jpeg = 'jpeg';
    case Raw = 'raw';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Jpeg => 'JPEG',
            self::Raw => 'raw',
            self::Both => 'raw and JPEG',
        };
    }

    public function hasRaw(): bool
    {
        return $this !== self::Jpeg;
    }
}
