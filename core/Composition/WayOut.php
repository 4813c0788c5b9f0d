<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** Ways of being rid of what distracts, in the order in which they are tried on the spot: what costs least first. */
enum WayOut: string
{
    case Aside = 'aside';
    case Nearer = 'nearer';
    case Back = 'back';
    case Through = 'through';
    case Round = 'round';
    case Ask = 'ask';
    case Wait = 'wait';
    case Behind = 'behind';
    case Later = 'later';

    public function label(): string
    {
        return match ($this) {
            self::Aside => 'a step aside',
            self::Nearer => 'nearer',
            self::Back => 'further back, with a longer lens',
            self::Through => 'through it: close to it, the aperture wide open',
            self::Round => 'round to another side',
            self::Ask => 'ask, or move it',
            self::Wait => 'wait',
            self::Behind => 'hide it behind the subject',
            self::Later => 'later, by hand',
        };
    }
}
