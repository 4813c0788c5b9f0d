<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\CameraSheets;
use App\Calculators\Sheets;
use App\Kits\KitInUse;
use App\View\Presenters\SheetResult;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The Bench: calculators with live answers, each of which has an address of its own. */
final class BenchController extends Controller
{
    public function index(): View
    {
        return view('bench.index', [
            'together' => [CameraSheets::solve(), CameraSheets::expose(), CameraSheets::ledger()],
            'topics' => Sheets::byTopic(),
        ]);
    }

    public function show(Request $request, string $sheet): View
    {
        $found = match ($sheet) {
            'solve' => CameraSheets::solve(KitInUse::of($this->user($request))),
            'expose' => CameraSheets::expose(),
            'ledger' => CameraSheets::ledger(),
            default => Sheets::find($sheet) ?? abort(404),
        };
        $values = $found->values($request->query());
        $data = [
            'sheet' => $found,
            'values' => $values,
            'result' => SheetResult::of($found, $values),
            // Written out even on a first visit, so that it holds every value.
            'address' => route('bench.show', ['sheet' => $found->id, ...$values]),
        ];

        return $request->header('HX-Request') !== null && $request->header('HX-History-Restore-Request') === null
            ? view('bench.answer', $data)
            : view('bench.show', $data);
    }
}
