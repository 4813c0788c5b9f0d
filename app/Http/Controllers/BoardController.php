<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\BriefCount;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Courses\QueueOrder;
use App\Models\Attempt;
use App\Models\Course;
use App\View\Presenters\WaitingSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The course at a glance: the board of students and briefs, and what waits at the desk. */
final class BoardController extends Controller
{
    public function board(Request $request, Course $course): View
    {
        $shown = isset(CourseBoard::SHOWN[$request->query('shown')]) ? (string) $request->query('shown') : 'all';
        $page = max(1, $request->integer('page', 1));
        $board = CourseBoard::of($course);
        $asResults = $request->query('as') === 'results';

        return view('courses.board', [
            'course' => $course,
            'board' => $board,
            'extensions' => $board->extensions(),
            'teaches' => $this->user($request)->can('teach', $course),
            'shown' => $shown,
            'page' => $page,
            'asResults' => $asResults,
            ...$board->people($shown, $page, $asResults),
        ]);
    }

    /**
     * The desk opens as the sheet of the brief that has waited longest; asked for in an order, or with nothing waiting,
     * as a list of all.
     */
    public function desk(Request $request, Course $course): View|RedirectResponse
    {
        $briefs = CourseBoard::of($course)->briefs();
        if (! $request->hasAny(['by', 'as', 'page'])) {
            $first = Attempt::query()->find(DeskQueue::of($course)->attempts()->first());
            $asked = $request->integer('brief') ?: $first?->set_brief_id;
            if ($asked !== null && in_array($asked, array_column($briefs, 'setBrief'), true)) {
                return redirect()->route('desk.sheet', $asked);
            }
        }
        $brief = $request->integer('brief') ?: null;
        $asked =
            $brief === null
                ? $briefs
                : array_values(array_filter($briefs, fn (BriefCount $one): bool => $one->setBrief === $brief));
        $count = array_sum(
            array_map(fn (BriefCount $one): int => $one->attempts->waiting + $one->attempts->atDesk, $asked),
        );
        $page = max(1, $request->integer('page', 1));
        $order = QueueOrder::tryFrom((string) $request->query('by')) ?? QueueOrder::Brief;
        $queue = DeskQueue::of($course);

        return view('courses.desk', [
            'course' => $course,
            'brief' => $brief,
            'title' => $brief === null ? null : ($asked[0]->title ?? null),
            'order' => $order,
            'asTable' => $request->query('as') === 'table',
            'page' => $page,
            'pages' => max(1, (int) ceil($count / DeskQueue::PAGE)),
            'count' => $count,
            'first' => $queue->attempts()->first(),
            'sheet' => WaitingSheet::of($queue->waiting($asked, $page, order: $order), $order, $course),
            'answers' => $page === 1 ? $queue->answers($asked) : [],
        ]);
    }
}
