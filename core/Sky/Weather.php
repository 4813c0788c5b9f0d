<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** What stands between the sun and the subject. */
enum Weather: string
{
    case Clear = 'clear';
    case OpenShade = 'open-shade';
    case ThinCloud = 'thin-cloud';
    case Overcast = 'overcast';
    case HeavyOvercast = 'heavy-overcast';

    public function label(): string
    {
        return match ($this) {
            self::Clear => 'clear, subject in the sun',
            self::OpenShade => 'clear, subject in open shade',
            self::ThinCloud => 'thin or broken cloud',
            self::Overcast => 'bright overcast',
            self::HeavyOvercast => 'heavy overcast',
        };
    }
}
