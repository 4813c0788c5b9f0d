<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('pupil:clean')->hourlyAt(7)->withoutOverlapping(60);
Schedule::command('pupil:remind')->hourlyAt(11)->withoutOverlapping(60);
