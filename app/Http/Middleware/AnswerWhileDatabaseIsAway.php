<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Outage;
use App\Watch\DatabaseCircuit;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says at once that the database is away while that is known, and notices when it is back. */
final class AnswerWhileDatabaseIsAway
{
    private const ASKED_ALL_THE_SAME = ['healthz', 'readyz', 'metrics'];

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is(...self::ASKED_ALL_THE_SAME)) {
            return $next($request);
        }
        if (DatabaseCircuit::isOpen()) {
            throw Outage::ofDatabase();
        }
        $response = $next($request);
        if (DatabaseCircuit::isKnown() && $response->getStatusCode() < 500) {
            DatabaseCircuit::close();
        }

        return $response;
    }
}
