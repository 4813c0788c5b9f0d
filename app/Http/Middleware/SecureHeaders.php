<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything comes from this application itself; nothing else may run, frame or be fetched. */
final class SecureHeaders
{
    /** nginx says the same of what it answers itself (bin/lib/common.sh). */
    private const ALWAYS = [
        'Content-Security-Policy' => "default-src 'self'; img-src 'self' data: blob:; "
            ."style-src 'self' 'unsafe-inline'; object-src 'none'; frame-ancestors 'none'; "
            ."base-uri 'self'; form-action 'self'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::ALWAYS as $name => $value) {
            $response->headers->set($name, $value);
        }
        // Critiques and hand-ins must not come back out of a shared computer's cache.
        if (
            ! $response->headers->has('Cache-Control') ||
            str_contains((string) $response->headers->get('Cache-Control'), 'no-cache')
        ) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
