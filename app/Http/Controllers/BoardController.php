<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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

        return view('courses.board', ['course' => $course, 'board' => $board, 'shown' => $shown, 'page' => $page, ...$board->people($shown, $page)]);
    }

    public function desk(Request $request, Course $course): View
    {
        $board = CourseBoard::of($course);
        $brief = $request->integer('brief') ?: null;
        $page = max(1, $request->integer('page', 1));

        return view('courses.desk', ['course' => $course, 'briefs' => $board->briefs(), 'brief' => $brief, 'page' => $page, ...DeskQueue::of($course)->page($brief, $page)]);
    }
}
