<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\BriefCount;
use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Models\Course;
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

        return view('courses.board', [
            'course' => $course,
            'board' => $board,
            'teaches' => $this->user($request)->can('teach', $course),
            'shown' => $shown,
            'page' => $page,
            ...$board->people($shown, $page),
        ]);
    }

    public function desk(Request $request, Course $course): View
    {
        $briefs = CourseBoard::of($course)->briefs();
        $brief = $request->integer('brief') ?: null;
        $asked =
            $brief === null
                ? $briefs
                : array_values(array_filter($briefs, fn (BriefCount $one): bool => $one->setBrief === $brief));
        $count = array_sum(
            array_map(fn (BriefCount $one): int => $one->attempts->waiting + $one->attempts->atDesk, $asked),
        );
        $page = max(1, $request->integer('page', 1));
        $queue = DeskQueue::of($course);
        $waiting = $queue->waiting($asked, $page);

        return view('courses.desk', [
            'course' => $course,
            'briefs' => $briefs,
            'brief' => $brief,
            'page' => $page,
            'pages' => max(1, (int) ceil($count / DeskQueue::PAGE)),
            'count' => $count,
            'waiting' => $waiting,
            'facts' => $queue->facts(array_column($waiting, 'attempt')),
        ]);
    }
}
