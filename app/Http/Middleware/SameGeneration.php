<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\Devices;
use App\Models\User;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * Ends a session that was begun before its person signed out everywhere, or set another password. The number stands in
 * the account and in the session, so that it does not matter where sessions are kept.
 */
final class SameGeneration
{
    private const RENEWED = 'remembered-until';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User) {
            $guard = Auth::guard();
            $session = $request->session();
            // Sessions from before there were generations begin with the one that counts now.
            if ((int) $session->get(Devices::GENERATION, $user->generation) !== $user->generation) {
                $guard->logoutCurrentDevice();
                $session->invalidate();
                $session->regenerateToken();
            } else {
                $session->has(Devices::GENERATION) || $session->put(Devices::GENERATION, $user->generation);
                self::renew($request, $guard);
            }
        }

        return $next($request);
    }

    /** A browser that was told to remember goes on doing so as long as it is used, once a day. */
    private static function renew(Request $request, SessionGuard $guard): void
    {
        $cookie = $request->cookies->get($guard->getRecallerName());
        $day = now()->format('Y-m-d');
        if (is_string($cookie) && $cookie !== '' && $request->session()->get(self::RENEWED) !== $day) {
            $request->session()->put(self::RENEWED, $day);
            Cookie::queue($guard->getRecallerName(), $cookie, (int) config('auth.guards.web.remember'));
        }
    }
}
