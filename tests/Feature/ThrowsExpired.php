<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Symfony\Component\HttpFoundation\Response;

/** Stands in for a form whose token is too old. */
final class ThrowsExpired
{
    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethod('put') ? throw new TokenMismatchException('CSRF token mismatch.') : $next($request);
    }
}
