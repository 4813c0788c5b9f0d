<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Calculators;
use App\Calculators\Topic;
use App\Kits\KitInUse;
use App\View\Presenters\SheetResult;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The Bench: calculators with live answers, each of which has an address of its own. */
final class BenchController extends Controller
{
    public function index(): View
    {
        $topics = Calculators::byTopic();
        $together = $topics[Topic::Together->value];
        unset($topics[Topic::Together->value]);

        return view('bench.index', ['together' => $together, 'topics' => $topics]);
    }

    public function show(Request $request, string $sheet): View
    {
        $calculator = Calculators::find($sheet) ?? abort(404);
        $shown = $calculator->sheet(KitInUse::of($this->user($request)));
        $values = $shown->values($request->query());
        $result = SheetResult::of($calculator, $values);
        $data = [
            'id' => $calculator->id(),
            'topic' => $calculator->topic()->value,
            'sheet' => $shown,
            'values' => $values,
            'result' => $result,
            'answer' => $result->answer,
            'figures' => $result->answer->figures,
            // Written out even on a first visit, so that it holds every value.
            'address' => route('bench.show', ['sheet' => $calculator->id(), ...$values]),
        ];

        return $request->header('HX-Request') !== null && $request->header('HX-History-Restore-Request') === null
            ? view('bench.answer', $data)
            : view('bench.show', $data);
    }
}
