<?php

declare(strict_types=1);

namespace TruePupil\Core\Sky;

/** A day on which the sun neither rises nor sets. */
enum PolarDay: string
{
    case SunStaysUp = 'polar day';
    case SunStaysDown = 'polar night';
}
