<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\KeepSuggestion;
use App\Critique\StaleSuggestion;
use App\Critique\SuggestionEdit;
use App\Models\Frame;
use App\View\Presenters\FrameView;
use App\View\Presenters\SuggestionForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** A suggestion in the instructor's own values: one is changed, another follows the light. */
final class SuggestionController extends Controller
{
    public function edit(Request $request, Frame $frame): View
    {
        return view(
            'desk.suggestion-editor',
            $this->editor($frame, $request->query(), $request->header('HX-Trigger-Name')),
        );
    }

    public function update(Request $request, Frame $frame, KeepSuggestion $keep): View|Response|RedirectResponse
    {
        $editor = $this->editor($frame, $request->input());
        if ($editor['form'] === null) {
            return response($editor['problem'], 422);
        }
        try {
            $keep->handle($frame, $editor['form']->suggestion(), $request->string('on')->toString() ?: null);
        } catch (StaleSuggestion $problem) {
            return $request->header('HX-Request') === null
                ? back()->withInput()->with('problem', $problem->getMessage())
                : response()->view(
                    'desk.suggestion-editor',
                    [...$this->editor($frame, $request->except('on')), 'stale' => $problem],
                    409,
                    ['HX-Reswap' => 'outerHTML'],
                );
        }
        $editor['on'] = KeepSuggestion::mark($frame);

        return $request->header('HX-Request') === null
            ? back()->with('done', 'Your suggestion goes with the return.')
            : view('desk.suggestion-editor', [...$editor, 'kept' => true, 'view' => FrameView::of($frame)]);
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array{frame: Frame, form: ?SuggestionForm, on: string, problem: string}
     */
    private function editor(Frame $frame, array $input, ?string $changed = null): array
    {
        $edit = SuggestionEdit::of($frame, $input, $changed);

        return [
            'frame' => $frame,
            'on' => is_string($input['on'] ?? null) ? $input['on'] : KeepSuggestion::mark($frame),
            'form' => $edit?->edited === null ? null : new SuggestionForm($frame, $edit, $edit->edited),
            'problem' => 'What this frame was taken with, or the light that its subject gave, is not known; there is '.
                'nothing for the values to follow.',
        ];
    }
}
