<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

/** Who chose a value. */
enum Decider: string
{
    case Person = 'person';
    case Camera = 'camera';
}
