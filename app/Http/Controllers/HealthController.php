<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Imaging\Sandbox;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the database answers and a queue worker is alive: 200 when both, 503 otherwise. */
final class HealthController extends Controller
{
    /** A worker looks at the queue every few seconds, and one frame takes well under this. */
    private const WORKER_SILENCE_SECONDS = 180;

    public function __invoke(Sandbox $sandbox): JsonResponse
    {
        try {
            $waiting = DB::table('jobs')->count();
            $failed = DB::table('failed_jobs')->count();
            $database = 'up';
        } catch (Throwable) {
            $waiting = $failed = null;
            $database = 'down';
        }
        $heartbeat = @filemtime(storage_path('worker-heartbeat'));
        $worker = $heartbeat !== false && time() - $heartbeat < self::WORKER_SILENCE_SECONDS ? 'up' : 'down';

        return response()->json(
            [
                'version' => config('app.version'),
                'database' => $database,
                // Without it pictures are parsed within limits alone.
                'sandbox' => $sandbox->works() ? 'on' : 'off',
                'queue' => ['worker' => $worker, 'waiting' => $waiting, 'failed' => $failed],
            ],
            $database === 'up' && $worker === 'up' ? 200 : 503,
        );
    }
}
