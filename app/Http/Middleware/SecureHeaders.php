<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything comes from this application itself; nothing else may run, frame or be fetched. */
final class SecureHeaders
{
    /** nginx says the same of what it answers itself (deploy/nginx). */
    private const ALWAYS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::policy());
        // Said by whoever ends TLS, and only there: over plain HTTP it means nothing.
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
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

    /** Pictures may come from the store itself where pages send the browser there. */
    private static function policy(): string
    {
        $store = config('pupil.signed_addresses')
            ? parse_url((string) config('filesystems.disks.pictures.endpoint'))
            : [];
        $origin = isset($store['scheme'], $store['host'])
            ? ' '.$store['scheme'].'://'.$store['host'].(isset($store['port']) ? ':'.$store['port'] : '')
            : '';

        return "default-src 'self'; media-src 'self' blob:; img-src 'self' data: blob:".$origin.'; '
            ."style-src 'self' 'unsafe-inline'; object-src 'none'; frame-ancestors 'none'; "
            ."base-uri 'self'; form-action 'self'";
    }
}
