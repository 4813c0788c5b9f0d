<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** Where a light meter was held, or pointed, for a frame of film. */
enum MeteredFrom: string
{
    case Shadow = 'shadow';
    case Mid = 'mid';
    case Highlight = 'highlight';
    case Incident = 'incident';

    public function label(): string
    {
        return match ($this) {
            self::Shadow => 'the darkest place to keep',
            self::Mid => 'something of middle tone',
            self::Highlight => 'the brightest place to keep',
            self::Incident => 'the light that falls on it',
        };
    }

    /** How it is called in a sentence on where it fell. */
    public function place(): string
    {
        return match ($this) {
            self::Shadow => 'The darkest place',
            self::Mid => 'The middle tone',
            self::Highlight => 'The brightest place',
            self::Incident => 'Mid-grey',
        };
    }
}
