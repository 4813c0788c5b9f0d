<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** What draws the eye away from the subject, by its name. */
enum DistractionKind: string
{
    case Fence = 'fence';
    case Pole = 'pole';
    case Sign = 'sign';
    case Person = 'person';
    case Bright = 'bright';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Fence => 'a fence or twigs',
            self::Pole => 'a pole or wire',
            self::Sign => 'a sign or writing',
            self::Person => 'somebody',
            self::Bright => 'a bright patch',
            self::Other => 'something else',
        };
    }

    /** As a sentence names it. */
    public function named(): string
    {
        return match ($this) {
            self::Fence => 'the fence or twigs',
            self::Pole => 'the pole',
            self::Sign => 'the sign',
            self::Person => 'the other person',
            self::Bright => 'the bright patch',
            self::Other => 'the distraction',
        };
    }

    /** Several of them, as a sentence names them. */
    public function many(): string
    {
        return match ($this) {
            self::Fence => 'fences',
            self::Pole => 'poles',
            self::Sign => 'signs',
            self::Person => 'other people',
            self::Bright => 'bright patches',
            self::Other => 'distractions',
        };
    }

    /** @return list<WayOut> what can be done about it, what costs least first */
    public function waysOut(): array
    {
        return array_values(array_filter(WayOut::cases(), fn (WayOut $way): bool => match ($way) {
            WayOut::Through => $this === self::Fence,
            WayOut::Ask => in_array($this, [self::Person, self::Sign, self::Other], true),
            WayOut::Wait => in_array($this, [self::Person, self::Bright, self::Other], true),
            WayOut::Behind => $this !== self::Fence,
            default => true,
        }));
    }
}
