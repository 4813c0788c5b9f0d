<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Frame;
use App\View\Presenters\BesideView;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Two frames beside each other: of two students, of two attempts, two scans or two workings of one picture. */
final class BesideController extends Controller
{
    public function __invoke(Request $request, Frame $frame, Frame $other): View
    {
        foreach ([$frame, $other] as $one) {
            $one->load(['attempt.user', 'attempt.setBrief.course', 'attempt.frames', 'picture', 'findings']);
        }

        $view = BesideView::of($frame, $other);
        [$differ, $alike] = $view->checks();

        return view('desk.beside', [
            'view' => $view,
            'differ' => $differ,
            'alike' => $alike,
            'course' => $frame->attempt->setBrief->course,
            'critiques' => $this->user($request)->can('critique', $frame->attempt->setBrief),
        ]);
    }
}
