<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\BriefCount;
use App\Courses\ContactSheet;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Critique\Repeated;
use App\Critique\SaidToSeveral;
use App\Critique\SayToSeveral;
use App\Http\Requests\RepeatRequest;
use App\Http\Requests\SayToSeveralRequest;
use App\Models\FrameFinding;
use App\Models\SetBrief;
use App\View\Presenters\ContactSheetView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Illuminate\View\View;

/** All that waits of one brief, as one sheet: grouped, compared, and told something at once. */
final class ContactSheetController extends Controller
{
    /** Seconds for which a remark to several can be taken back. */
    private const UNDO = 120;

    public function show(Request $request, SetBrief $setBrief): View
    {
        $board = CourseBoard::of($setBrief->course);
        $briefs = $board->briefs();
        $count = array_column($briefs, null, 'setBrief')[$setBrief->id];

        return view('desk.sheet', [
            'setBrief' => $setBrief,
            'view' => ContactSheetView::of(
                ContactSheet::of($setBrief, $count, $this->user($request)),
                (string) $request->query('by', ContactSheetView::MISSED),
                (string) $request->query('check'),
            ),
            'count' => $count,
            'others' => array_values(array_filter(
                $briefs,
                fn (BriefCount $one): bool => $one->attempts->waiting + $one->attempts->atDesk > 0,
            )),
            'answers' => count(DeskQueue::of($setBrief->course)->answers($briefs)),
            'decides' => $this->user($request)->can('teach', $setBrief),
            'batch' => (string) Str::uuid(),
            'repeated' => $this->user($request)->can('teach', $setBrief)
                ? Repeated::of($setBrief, $this->user($request))
                : [],
        ]);
    }

    public function say(SayToSeveralRequest $request, SetBrief $setBrief, SayToSeveral $say): RedirectResponse
    {
        $input = $request->validated();
        // Sent a second time it is said already.
        if (Cache::has($this->key($request, $input['batch']))) {
            return back()->with('said', $input['batch']);
        }
        $said = $say->handle(
            $request->frames(),
            $this->user($request),
            trim($input['remark']),
            $request->kind(),
            $request->check(),
            $input['batch'],
        );

        return $this->told($request, $said, $input['batch']);
    }

    /** What was said of a finding three times is said to all others who have it. */
    public function repeat(RepeatRequest $request, SetBrief $setBrief, SayToSeveral $say): RedirectResponse
    {
        $said = $request->repeated();
        if ($said === null) {
            return back()->with('problem', 'Nobody else has it any more.');
        }
        $findings = FrameFinding::query()->whereIn('id', $said->findings)->with('frame.attempt.user')->get();

        return $this->told(
            $request,
            $say->rewordAll($findings, $this->user($request), $said->wording),
            (string) Str::uuid(),
        );
    }

    public function unsay(Request $request, SetBrief $setBrief, string $batch, SayToSeveral $say): RedirectResponse
    {
        $said = Cache::pull($this->key($request, $batch));
        if (! is_array($said)) {
            return back()->with('problem', 'It can no longer be taken back here; on each frame it still can.');
        }
        $say->undo(new SaidToSeveral(...$said), $this->user($request));

        return back()->with('done', 'Taken back.');
    }

    /** Says what came of it; it can be taken back for a while. */
    private function told(Request $request, SaidToSeveral $said, string $batch): RedirectResponse
    {
        $isSaid = $said->count() > 0;
        Cache::put($this->key($request, $batch), [$said->notes, $said->findings], self::UNDO);

        return back()->with($isSaid ? 'done' : 'problem', self::words($said))->with('said', $isSaid ? $batch : null);
    }

    private function key(Request $request, string $batch): string
    {
        return 'said-'.$this->user($request)->id.'-'.$batch;
    }

    private static function words(SaidToSeveral $said): string
    {
        $words = $said->count() === 0 ? 'Nothing was said.' : sprintf(
            'Said on %d %s. It goes out with each return.',
            $said->count(),
            $said->count() === 1 ? 'frame' : 'frames',
        );

        return $said->tooLate === [] ? $words : sprintf(
            '%s Not to %s: %s had gone out meanwhile.',
            $words,
            implode(', ', $said->tooLate),
            count($said->tooLate) === 1 ? 'that return' : 'those returns',
        );
    }
}
