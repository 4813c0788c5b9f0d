<?php

declare(strict_types=1);

use App\HandIn\TakeUp;
use App\Retention\NodeCleaning;
use App\Watch\ServiceEvent;
use Illuminate\Support\Facades\Schedule;

// Once for the whole service, however many nodes have a scheduler …
Schedule::command('pupil:clean')->hourlyAt(7)->withoutOverlapping(60)->onOneServer();
Schedule::command('pupil:remind')->hourlyAt(11)->withoutOverlapping(60)->onOneServer();
Schedule::call(function (TakeUp $takeUp): void {
    $takeUp->run();
    ServiceEvent::happened(ServiceEvent::SCHEDULER);
})
    ->name('take-up')
    ->everyMinute()
    ->onOneServer();
// … and what lies on a node, on every node.
Schedule::call(fn (NodeCleaning $cleaning): int => $cleaning->run())->name('node-cleaning')->hourlyAt(23);
