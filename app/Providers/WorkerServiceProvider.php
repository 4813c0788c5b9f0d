<?php

declare(strict_types=1);

namespace App\Providers;

use App\Workers\Child;
use App\Workers\Lease;
use Illuminate\Database\Events\ConnectionEstablished;
use Illuminate\Queue\Events\JobExceptionOccurred;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Queue\Events\JobProcessed;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

/** What a queue worker does beside its jobs. */
final class WorkerServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        // Commands and jobs are about what has just been written: no replica is asked for it.
        if ($this->app->runningInConsole()) {
            Event::listen(
                ConnectionEstablished::class,
                fn (ConnectionEstablished $event) => $event->connection->setRecordModificationState(true),
            );
        }
        Event::listen(JobProcessing::class, fn () => DB::connection()->setRecordModificationState(true));
        if (getenv('PUPIL_SUPERVISED') === false) {
            return;
        }
        $pipe = @fopen('php://fd/'.Child::PIPE, 'wb');
        if ($pipe === false) {
            return;
        }
        $tell = fn (string $what) => @fwrite($pipe, $what."\n");
        Event::listen(
            JobProcessing::class,
            fn (JobProcessing $event) => $tell(Lease::of($event->job)?->write() ?? 'null'),
        );
        Event::listen([JobProcessed::class, JobExceptionOccurred::class, JobFailed::class], fn () => $tell('null'));
    }
}
