<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Each request has a name of its own, in its answer and in every line that is logged for it, also by the jobs that it
 * asks for. Our web server gives it (deploy/nginx), or a proxy that is trusted.
 */
final class RequestId
{
    public const HEADER = 'X-Request-Id';

    public function handle(Request $request, Closure $next): Response
    {
        $given = $request->isFromTrustedProxy() ? $request->headers->get(self::HEADER) : null;
        $given ??= $request->server->getString('REQUEST_ID');
        $id = preg_match('/^[A-Za-z0-9_-]{8,64}$/', $given) === 1 ? $given : (string) Str::ulid();
        Context::add('request', $id);
        $response = $next($request);
        $response->headers->set(self::HEADER, $id);

        return $response;
    }
}
