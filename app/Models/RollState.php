<?php

declare(strict_types=1);

namespace App\Models;

enum RollState: string
{
    case Developing = 'developing';
    case Ready = 'ready';
    case Failed = 'failed';
}
