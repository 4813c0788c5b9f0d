<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\AddressUsers;
use App\Accounts\Devices;
use App\Accounts\SecondFactors;
use App\Accounts\Secrets;
use App\Letterbox\LetterboxTransport;
use App\Models\User;
use Illuminate\Auth\AuthManager;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Mail\MailManager;
use Illuminate\Support\ServiceProvider;

/** Signing in, mail, and how often somebody may try. */
final class AccountServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        // Nothing of it is made before somebody asks for it.
        $this->callAfterResolving('auth', fn (AuthManager $auth) => $auth->provider(
            'addresses',
            fn (Application $app, array $config): AddressUsers => new AddressUsers(
                $app->make('hash'),
                $config['model'],
            ),
        ));
        $this->callAfterResolving('mail.manager', fn (MailManager $mail) => $mail->extend(
            'letterbox',
            fn (): LetterboxTransport => new LetterboxTransport(),
        ));
        $this->callAfterResolving(Gate::class, fn (Gate $gate) => $gate->define(
            'operate',
            fn (User $user): bool => $user->is_operator,
        ));
        $this->callAfterResolving(RateLimiter::class, self::limit(...));
    }

    private static function limit(RateLimiter $limiter): void
    {
        // An account is counted however its address is spelt; a school often has one address on the network for all.
        $limiter->for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(6)->by('here|'.self::account($request).'|'.$request->ip())->response(self::wait(...)),
                // Whoever guesses from elsewhere does not lock its owner out: a device that was in before is known.
                ...self::isKnown($request)
                    ? []
                    : [Limit::perMinute(30)->by('anywhere|'.self::account($request))->response(self::wait(...))],
                Limit::perMinute(60)->by('network|'.$request->ip())->response(self::wait(...)),
            ],
        );
        $limiter->for(
            'sign-in-code',
            fn (Request $request): array => [
                Limit::perMinute(5)->by('code|'.self::waiting($request))->response(self::wait(...)),
                Limit::perHour(30)->by('codes|'.self::waiting($request))->response(self::wait(...)),
            ],
        );
        $limiter->for(
            'join',
            fn (Request $request): array => [
                Limit::perMinute(120)->by('join|'.$request->ip())->response(self::wait(...)),
            ],
        );
        $limiter->for(
            'join-page',
            fn (Request $request): Limit => Limit::perMinute(240)->by('join-page|'.$request->ip()),
        );
        $limiter->for(
            'forgotten',
            fn (Request $request): array => [
                Limit::perHour(5)->by('forgotten|'.self::account($request))->response(self::wait(...)),
                Limit::perMinute(60)->by('forgotten|'.$request->ip())->response(self::wait(...)),
            ],
        );
        $limiter->for('account', fn (Request $request): Limit => self::ofPerson($request, 20));
        $limiter->for(
            'takeout',
            fn (Request $request): Limit => Limit::perHour(5)
                ->by('takeout|'.$request->user()?->id)
                ->response(self::wait(...)),
        );
        $limiter->for(
            'exports',
            fn (Request $request): Limit => Limit::perHour(60)
                ->by('exports|'.$request->user()?->id)
                ->response(self::wait(...)),
        );
        $perMinutes = ['views' => 240, 'what-ifs' => 600, 'finder' => 900, 'spot' => 600, 'glance' => 600];
        foreach ($perMinutes as $name => $perMinute) {
            $limiter->for($name, fn (Request $request): Limit => self::ofPerson($request, $perMinute, $name));
        }
    }

    private static function ofPerson(Request $request, int $perMinute, string $name = 'account'): Limit
    {
        return Limit::perMinute($perMinute)
            ->by($name.'|'.($request->user()->id ?? $request->ip()))
            ->response(self::wait(...));
    }

    /** Whose code is asked for. */
    private static function waiting(Request $request): string
    {
        return (string) $request->session()->get(SecondFactors::WAITING.'.user', $request->ip());
    }

    /** Whether this device has been in the account before; the framework seals what it says. */
    private static function isKnown(Request $request): bool
    {
        $known = $request->cookie(Devices::KNOWN);

        return is_string($known) && hash_equals(self::account($request), $known);
    }

    private static function account(Request $request): string
    {
        return Devices::mark($request->input('email'));
    }

    /** @param  array<string, int|string>  $headers */
    private static function wait(Request $request, array $headers): mixed
    {
        $seconds = (int) ($headers['Retry-After'] ?? 60);
        $message = sprintf(
            'Too many tries. Wait %s, then try again; nothing you typed is lost.',
            $seconds > 90 ? sprintf('%d minutes', ceil($seconds / 60)) : $seconds.' seconds',
        );
        if ($request->expectsJson() || $request->hasHeader('HX-Request') || $request->isMethod('GET')) {
            return response($message, 429, ['Content-Type' => 'text/plain; charset=utf-8', ...$headers]);
        }

        return back()
            ->withInput($request->except(Secrets::FIELDS))
            ->with('problem', $message)
            ->withHeaders($headers);
    }
}
