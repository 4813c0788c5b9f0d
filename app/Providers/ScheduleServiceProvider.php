<?php

declare(strict_types=1);

namespace App\Providers;

use App\HandIn\TakeUp;
use App\Retention\NodeCleaning;
use App\Watch\ServiceEvent;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\ServiceProvider;

/** What is done by the clock; made only where somebody asks what is due. */
final class ScheduleServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        $this->callAfterResolving(Schedule::class, self::fill(...));
    }

    private static function fill(Schedule $schedule): void
    {
        // Once for the whole service, however many nodes have a scheduler …
        $schedule->command('pupil:clean')->hourlyAt(7)->withoutOverlapping(60)->onOneServer();
        $schedule->command('pupil:remind')->hourlyAt(11)->withoutOverlapping(60)->onOneServer();
        $schedule->call(function (TakeUp $takeUp): void {
            $takeUp->run();
            ServiceEvent::happened(ServiceEvent::SCHEDULER);
        })
            ->name('take-up')
            ->everyMinute()
            ->onOneServer();
        // … and what lies on a node, on every node.
        $schedule->call(fn (NodeCleaning $cleaning): int => $cleaning->run())->name('node-cleaning')->hourlyAt(23);
    }
}
