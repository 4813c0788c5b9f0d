<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Reach\OwnMachine;
use App\Watch\Metrics;
use App\Watch\Part;
use App\Watch\Parts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** For balancers and monitors: whether this node lives, whether it can answer people, and how each part is. */
final class HealthController extends Controller
{
    /** It lives: whatever else may be down. */
    public function life(): JsonResponse
    {
        return response()->json(['status' => 'up', 'version' => config('app.version')]);
    }

    /**
     * 503 where a part is down without which nobody can be answered here. What lacks elsewhere (workers, mail, a fresh
     * backup) takes no node out of service. Who is trusted may ask for more: "need=workers,mail", "need=all".
     */
    public function ready(Request $request, Parts $parts): JsonResponse
    {
        $isTrusted = self::isTrusted($request);
        $all = $isTrusted ? $parts->all() : $parts->needed();
        $needed = $isTrusted ? explode(',', $request->string('need')->toString()) : [];
        $wrong = array_filter(
            $all,
            fn (Part $part, string $name): bool => ! $part->ok &&
                ($part->isNeeded || array_intersect([$name, 'all'], $needed) !== []),
            ARRAY_FILTER_USE_BOTH,
        );

        return response()->json(
            [
                'status' => $wrong === [] ? 'ready' : 'not ready',
                ...$isTrusted ? ['parts' => array_map(fn (Part $part): array => $part->toArray(), $all)] : [],
            ],
            $wrong === [] ? 200 : 503,
        );
    }

    public function metrics(Request $request, Parts $parts): Response
    {
        abort_unless(self::isTrusted($request), 403, 'Only for who shows the token of this installation.');

        return response(Metrics::text($parts->all()), 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
        ]);
    }

    /** Whoever shows the token, and who sits at the machine. */
    private static function isTrusted(Request $request): bool
    {
        $token = (string) config('pupil.watch.token');

        return ($token !== '' && hash_equals($token, (string) $request->bearerToken())) || OwnMachine::asks($request);
    }
}
