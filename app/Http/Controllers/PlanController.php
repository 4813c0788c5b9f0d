<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SavedPlan;
use App\Models\SetBrief;
use App\Planning\PlanInput;
use App\Planning\PlanQuestions;
use App\Planning\PlanSheet;
use App\View\Drawings\PlanDrawings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use TruePupil\Core\Intent\KeptSharp;

/** The plan sheet: every change is kept and worked out at once. */
final class PlanController extends Controller
{
    public function edit(Request $request, SetBrief $setBrief): View
    {
        return view('plans.edit', [
            ...$this->sheet($this->plan($request, $setBrief)),
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
        ]);
    }

    public function update(Request $request, SetBrief $setBrief): Response|RedirectResponse
    {
        $plan = $this->plan($request, $setBrief);
        $plan->input = PlanInput::of($request->except(['_token', '_method']), $setBrief->course->timezone)->texts();
        $plan->save();

        return $this->answered($request, $plan, 'plans.questions', 'plans.kept');
    }

    /** The three questions: their answers become fields of the plan, and both forms show it. */
    public function answer(Request $request, SetBrief $setBrief): Response|RedirectResponse
    {
        $plan = $this->plan($request, $setBrief);
        $plan->input = PlanInput::of(
            PlanQuestions::answered($this->answers($request), $plan->input),
            $setBrief->course->timezone,
        )->texts();
        $plan->save();

        return $this->answered(
            $request,
            $plan,
            'plans.everything',
            'plans.kept',
            // A chip that was just tapped stays, with its focus.
            ...$request->header('HX-Trigger') === 'plan-kept' ? ['plans.questions'] : [],
        );
    }

    /** @return array<string, mixed> by question; the slider gives a number, from the near eye on */
    private function answers(Request $request): array
    {
        $kept = $request->input('kept');

        return [
            ...$request->only(['light', 'kind', 'movement', 'depth']),
            'kept' => is_numeric($kept) ? KeptSharp::cases()[(int) $kept]->value ?? '' : '',
        ];
    }

    /** Takes one of the settings that are offered, or takes it back. */
    public function choose(Request $request, SetBrief $setBrief): Response|RedirectResponse
    {
        $plan = $this->plan($request, $setBrief);
        $index = $request->input('suggestion');
        $plan->chosen = is_string($index) ? PlanSheet::of($plan)->offered()[$index] ?? null : null;
        $plan->save();

        return $this->answered($request, $plan);
    }

    public function print(Request $request, SetBrief $setBrief): View
    {
        return view('plans.print', [
            ...$this->sheet($this->plan($request, $setBrief)),
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
        ]);
    }

    /** @param  view-string  ...$others  the forms that were not used, which show the same plan */
    private function answered(
        Request $request,
        SavedPlan $plan,
        string ...$others,
    ): Response|RedirectResponse {
        if ($request->header('HX-Request') === null) {
            return redirect()->to(route('plans.edit', $plan->setBrief).'#answer');
        }
        $data = [
            ...$this->sheet($plan),
            'setBrief' => $plan->setBrief,
            'brief' => $plan->setBrief->content(),
            'swapped' => true,
        ];

        return response(
            implode('', array_map(
                fn (string $part): string => view($part, $data)->render(),
                ['plans.answer', ...array_values($others)],
            )),
        );
    }

    /** @return array{sheet: PlanSheet, drawings: PlanDrawings} */
    private function sheet(SavedPlan $plan): array
    {
        $sheet = PlanSheet::of($plan);

        return ['sheet' => $sheet, 'drawings' => new PlanDrawings($sheet)];
    }

    private function plan(Request $request, SetBrief $setBrief): SavedPlan
    {
        return SavedPlan::forNext($setBrief, $this->user($request))
            ->setRelation('setBrief', $setBrief)
            ->setRelation('user', $this->user($request));
    }
}
