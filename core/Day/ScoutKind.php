<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

/** What is looked for and settled before the first picture. */
enum ScoutKind: string
{
    case SwitchOff = 'switch-off';
    case Move = 'move';
    case Ask = 'ask';
    case WaitAt = 'wait-at';
    case High = 'high';
    case Low = 'low';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::SwitchOff => 'a lamp to switch off',
            self::Move => 'something to move',
            self::Ask => 'somebody to ask',
            self::WaitAt => 'a place to wait',
            self::High => 'a high point of view',
            self::Low => 'a low point of view',
            self::Other => 'something else',
        };
    }

    /** How it begins as a line to tick. */
    public function begins(): string
    {
        return match ($this) {
            self::SwitchOff => 'Switch off',
            self::Move => 'Move',
            self::Ask => 'Ask',
            self::WaitAt => 'Wait at',
            self::High => 'From high up',
            self::Low => 'From low down',
            self::Other => 'Also',
        };
    }
}
