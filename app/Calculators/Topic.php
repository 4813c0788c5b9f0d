<?php

declare(strict_types=1);

namespace App\Calculators;

/** What the sheets of the Bench are about, in the order in which they stand there. */
enum Topic: string
{
    case Together = 'Putting it together';
    case Exposure = 'Exposure';
    case Depth = 'Depth';
    case Lens = 'Lens';
    case Movement = 'Movement';
    case Series = 'Series and film';
    case Sky = 'Sky';
}
