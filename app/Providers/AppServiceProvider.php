<?php

declare(strict_types=1);

namespace App\Providers;

use App\Courses\Roles;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Roles::class);
        // Every rule in the folder counts: adding a finding touches nothing else.
        $this->app->singleton(
            Critic::class,
            fn () => new Critic(
                array_map(function (string $file): FindingRule {
                    $class = 'TruePupil\\Core\\Findings\\Rules\\'.basename($file, '.php');

                    return new $class();
                }, File::glob(base_path('core/Findings/Rules/*.php'))),
            ),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        RateLimiter::for(
            'sign-in',
            fn (Request $request) => [
                Limit::perMinute(5)
                    ->by(Str::lower((string) $request->input('email')).'|'.$request->ip())
                    ->response(
                        fn (Request $request, array $headers) => back()
                            ->withInput($request->only('email'))
                            ->with(
                                'problem',
                                'Too many tries for this address. Wait '.
                                    ($headers['Retry-After'] ?? 60).
                                    ' seconds, then try again.',
                            ),
                    ),
                Limit::perMinute(60)->by($request->ip()),
            ],
        );
        // What /healthz reads to tell whether a worker is there.
        Event::listen(Looping::class, fn () => touch(storage_path('worker-heartbeat')));
    }
}
