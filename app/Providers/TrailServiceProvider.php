<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Support\ServiceProvider;
use Spatie\Activitylog\ActivityLogger;
use Spatie\Activitylog\ActivityLogStatus;
use Spatie\Activitylog\CauserResolver;
use Spatie\Activitylog\LogBatch;

/**
 * What the provider of the activity log's package binds, and nothing of what it offers for publishing: that would be a
 * tenth of what a command takes to start.
 */
final class TrailServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(ActivityLogger::class);
        $this->app->scoped(LogBatch::class);
        $this->app->scoped(CauserResolver::class);
        $this->app->scoped(ActivityLogStatus::class);
    }
}
