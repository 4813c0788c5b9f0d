<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Models\SetBrief;
use App\Planning\PlanInput;
use App\Planning\PlanSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The plan sheet: every change is kept and worked out at once. */
final class PlanController extends Controller
{
    public function edit(Request $request, SetBrief $setBrief): View
    {
        return view('plans.edit', [
            'sheet' => PlanSheet::of($this->plan($request, $setBrief)),
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
        ]);
    }

    public function update(Request $request, SetBrief $setBrief): View|RedirectResponse
    {
        $plan = $this->plan($request, $setBrief);
        $plan->typed = PlanInput::of($request->except(['_token', '_method']), $setBrief->course->timezone)->typed();
        $plan->save();

        return $request->header('HX-Request') !== null
            ? $this->answer($plan)
            : redirect()->to(route('plans.edit', $setBrief).'#answer');
    }

    /** Takes one of the settings that are offered, or takes it back. */
    public function choose(Request $request, SetBrief $setBrief): View|RedirectResponse
    {
        $plan = $this->plan($request, $setBrief);
        $offered = PlanSheet::of($plan)->advice->suggestions ?? [];
        $index = $request->input('suggestion');
        $plan->chosen = is_numeric($index) && isset($offered[(int) $index]) ? $offered[(int) $index]->toArray() : null;
        $plan->save();

        return $request->header('HX-Request') !== null
            ? $this->answer($plan)
            : redirect()->to(route('plans.edit', $setBrief).'#answer');
    }

    public function print(Request $request, SetBrief $setBrief): View
    {
        return view('plans.print', [
            'sheet' => PlanSheet::of($this->plan($request, $setBrief)),
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
        ]);
    }

    private function answer(SavedPlan $plan): View
    {
        return view('plans.answer', ['sheet' => PlanSheet::of($plan), 'setBrief' => $plan->setBrief]);
    }

    private function plan(Request $request, SetBrief $setBrief): SavedPlan
    {
        return SavedPlan::forNext($setBrief, $request->user())
            ->setRelation('setBrief', $setBrief)
            ->setRelation('user', $request->user());
    }
}
