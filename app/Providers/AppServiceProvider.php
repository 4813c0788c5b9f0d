<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\Devices;
use App\Accounts\SignIns;
use App\Courses\Roles;
use App\HandIn\FrameQueue;
use App\Jobs\QueuedFrames;
use App\Jobs\QueuedRoll;
use App\Models\Membership;
use App\Models\User;
use App\Practice\RollQueue;
use App\Watch\GuardedConnector;
use App\Wording\Glossary;
use Illuminate\Auth\Events\Login;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Console\AboutCommand;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Roles::class);
        // Its words are marked once a page.
        $this->app->scoped(Glossary::class);
        if (! $this->app->runningInConsole()) {
            $this->app->bind('db.connector.mariadb', GuardedConnector::class);
        }
        $this->app->bind(FrameQueue::class, QueuedFrames::class);
        $this->app->bind(RollQueue::class, QueuedRoll::class);
        // Every rule in the folder counts: adding a finding touches nothing else.
        $this->app->singleton(
            Critic::class,
            fn (): Critic => new Critic(
                array_values(
                    array_filter(
                        array_map(
                            fn (string $file): object => $this->app->make(
                                'TruePupil\\Core\\Findings\\Rules\\'.basename($file, '.php'),
                            ),
                            File::glob(base_path('core/Findings/Rules/*.php')),
                        ),
                        fn (object $rule): bool => $rule instanceof FindingRule,
                    ),
                ),
            ),
        );
    }

    public function boot(): void
    {
        Membership::saved(fn () => $this->app->make(Roles::class)->forget());
        Membership::deleted(fn () => $this->app->make(Roles::class)->forget());
        Event::listen(function (Login $login): void {
            if ($login->user instanceof User && request()->hasSession()) {
                request()->session()->put(Devices::GENERATION, $login->user->generation);
                Cookie::queue(Devices::KNOWN, Devices::mark($login->user->email), Devices::KNOWN_MINUTES);
                SignIns::note($login->user, request(), Auth::viaRemember() ? 'remembered' : 'signed in');
            }
        });
        // The driver waits a day for an answer unless it is told otherwise; who waits for a page does not.
        ini_set('mysqlnd.net_read_timeout', (string) config(
            $this->app->runningInConsole() ? 'database.job_seconds' : 'database.page_seconds',
        ));
        if ($this->app->runningInConsole()) {
            AboutCommand::add('True Pupil', ['Version' => fn (): string => (string) config('app.version')]);
        }
        Model::shouldBeStrict(! $this->app->isProduction());
        // Whoever ends TLS need not be this program: addresses are what the world knows.
        if (str_starts_with((string) config('app.url'), 'https://')) {
            URL::forceHttps();
        }
    }
}
