<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** Where a roll of film is on its way. */
enum RollStage: string
{
    case Loaded = 'loaded';
    case Exposed = 'exposed';
    case AtLab = 'at-lab';
    case Back = 'back';
    case Spoiled = 'spoiled';

    public function label(): string
    {
        return match ($this) {
            self::Loaded => 'in the camera',
            self::Exposed => 'exposed',
            self::AtLab => 'at the laboratory',
            self::Back => 'developed',
            self::Spoiled => 'spoiled',
        };
    }
}
