<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where somebody came from counts within the site alone: "back" never leads anywhere else. */
final class OwnReferer
{
    public function handle(Request $request, Closure $next): Response
    {
        $from = $request->headers->get('referer');
        if ($from !== null && parse_url($from, PHP_URL_HOST) !== $request->getHost()) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }
}
