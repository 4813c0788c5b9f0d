<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** For pictures and for what a page asks by itself: they come and go while its forms are sent. */
final class BesideThePage
{
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set(self::class, true);

        return $next($request);
    }
}
