<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

/** The things that the practice camera drills. */
enum DrillKind: string
{
    case Match = 'match';
    case Changed = 'changed';
    case MeterSays = 'meter-says';
    case Histogram = 'histogram';
    case Mode = 'mode';
    case Place = 'place';
    case CameraChooses = 'camera-chooses';
    case Raw = 'raw';
    case Flash = 'flash';
    case SafeTime = 'safe-time';

    public function label(): string
    {
        return match ($this) {
            self::Match => 'Match the exposure',
            self::Changed => 'Which value changed?',
            self::MeterSays => 'What will the meter say?',
            self::Histogram => 'Read the tone strip',
            self::Mode => 'Choose the mode',
            self::Place => 'Place a spot on a tone',
            self::CameraChooses => 'What will the camera choose?',
            self::Raw => 'What does the raw still hold?',
            self::Flash => 'What does the flash ask for?',
            self::SafeTime => 'Which time is safe?',
        };
    }

    public function about(): string
    {
        return match ($this) {
            self::Match => 'One value is fixed anew; find another that keeps the light the same.',
            self::Changed => 'Two frames of one scene; one value moved between them. Depth, movement or grain tells '.
                'which.',
            self::MeterSays => 'Light and settings are known; say where the mark stands before you look.',
            self::Histogram => 'A tone strip and four frames; say which frame it belongs to.',
            self::Mode => 'A subject and what matters about it; say which mode serves best.',
            self::Place => 'A spot reading and where the spot belongs; find the value that puts it there.',
            self::Raw => 'Where a bright place comes out is known; say whether picture and sensor still hold it.',
            self::Flash => 'A guide number and a distance; name the aperture, bounced or as fill as well.',
            self::SafeTime => 'A subject and a focal length, by hand; say which time holds both.',
            self::CameraChooses => 'The mode and what you set are known; name the value that the camera adds.',
        };
    }
}
