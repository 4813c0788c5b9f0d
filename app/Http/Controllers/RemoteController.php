<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RemotePressRequest;
use App\Models\SetBrief;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\View\View;

/** A phone that turns the projector: what is pressed is numbered, and the wall of the same person asks for it. */
final class RemoteController extends Controller
{
    /** Seconds that a press is kept. */
    private const KEPT = 3600;

    public function show(SetBrief $setBrief): View
    {
        return view('patterns.remote', ['setBrief' => $setBrief, 'brief' => $setBrief->content()]);
    }

    public function press(RemotePressRequest $request, SetBrief $setBrief): Response|RedirectResponse
    {
        $press = $request->validated('press');
        $key = $this->key($request, $setBrief);
        $before = (array) Cache::get($key, []);
        Cache::put($key, ['number' => 1 + (int) ($before['number'] ?? 0), 'press' => $press], self::KEPT);

        return $request->header('HX-Request') === null ? back() : response()->noContent();
    }

    public function wall(Request $request, SetBrief $setBrief): JsonResponse
    {
        return response()->json(Cache::get($this->key($request, $setBrief), ['number' => 0, 'press' => null]));
    }

    private function key(Request $request, SetBrief $setBrief): string
    {
        return sprintf('remote-%d-%d', $this->user($request)->id, $setBrief->id);
    }
}
