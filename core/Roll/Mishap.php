<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** What can happen to a roll, and what is done about it the next time. It happens to everybody. */
enum Mishap: string
{
    case NotAdvanced = 'not-advanced';
    case Opened = 'opened';
    case WrongSpeed = 'wrong-speed';
    case Torn = 'torn';
    case ExposedTwice = 'exposed-twice';
    case Scanner = 'scanner';
    case Developed = 'developed';
    case Lost = 'lost';

    public function label(): string
    {
        return match ($this) {
            self::NotAdvanced => 'the film was not advanced',
            self::Opened => 'the back was opened',
            self::WrongSpeed => 'the meter was set to another speed',
            self::Torn => 'the film tore, or came off its spool',
            self::ExposedTwice => 'it was exposed twice',
            self::Scanner => 'it went through a strong X-ray',
            self::Developed => 'the development went wrong',
            self::Lost => 'it was lost',
        };
    }

    /** What still can be saved, and what helps the next time. */
    public function advice(): string
    {
        return match ($this) {
            self::NotAdvanced => 'Nothing is on it, and nothing of it is lost but the pictures. Next time watch the '.
                'rewind knob: it turns with every frame when the film moves.',
            self::Opened => 'What lay wound up inside the cassette is often whole: have it developed all the same. '.
                'Next time press the rewind button and turn until the film is felt to let go, then open.',
            self::WrongSpeed => 'All frames are off by the same amount: tell the laboratory, and it is pushed or '.
                'pulled by that. Next time write the speed on tape at the back of the camera.',
            self::Torn => 'Open the camera in the dark, or let the laboratory do it, and most of it is saved. Next '.
                'time stop at the last number: the lever that stiffens is the end.',
            self::ExposedTwice => 'Have it developed: some of it may be worth a print. Next time bend or wind in the '.
                'leader of every roll that is done.',
            self::Scanner => 'Expect fog and more grain; print it darker. Next time carry film by hand and ask for it '.
                'to be looked at instead.',
            self::Developed => 'Keep the strip: density tells what went wrong, time or temperature. Next time try the '.
                'process on a roll that does not matter.',
            self::Lost => 'The log is left, and is worth keeping: the next roll goes better for it. Next time write '.
                'your name and address on the cassette.',
        };
    }
}
