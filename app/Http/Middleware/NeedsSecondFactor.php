<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\SecondFactors;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the installation asks for a second factor, nothing is open before it is set but the page where it is. */
final class NeedsSecondFactor
{
    private const OPEN = ['account', 'account.*', 'sign-out', 'kept', 'words', 'words.*'];

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (
            config('pupil.second_factor') === 'optional' ||
            ! $user instanceof User ||
            $request->routeIs(...self::OPEN) ||
            ! SecondFactors::isRequiredOf($user) ||
            SecondFactors::of($user) !== null
        ) {
            return $next($request);
        }

        return redirect()
            ->to(route('account').'#factor')
            ->with('problem', 'This installation asks for a second factor beside the password. Set it up first.');
    }
}
