<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where the database has replicas, pages are read from them: but not by somebody who has just written, who must find
 * what was written, and not where something is about to be. What a replica does not have yet is looked for once more
 * in the primary.
 */
final class ReadFromReplicas
{
    private const WROTE = 'wrote-at';

    public function handle(Request $request, Closure $next): Response
    {
        if (config('database.connections.mariadb.read') === null) {
            return $next($request);
        }
        $wrote = (int) $request->session()->get(self::WROTE, 0);
        $fromPrimary = ! $request->isMethodSafe() || $wrote > time() - (int) config('database.replica_seconds');
        DB::connection()->setRecordModificationState($fromPrimary);
        $response = $next($request);
        if ($response->getStatusCode() === 404 && ! DB::connection()->hasModifiedRecords()) {
            DB::connection()->setRecordModificationState(true);
            $response = $next($request);
        }
        if (! $request->isMethodSafe()) {
            $request->session()->put(self::WROTE, time());
        }

        return $response;
    }
}
