<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\StartingCourses;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class HomeController extends Controller
{
    public function __invoke(Request $request): View|RedirectResponse
    {
        if ($request->user() === null) {
            return view('first', ['mayStart' => StartingCourses::here() === StartingCourses::Open]);
        }
        $courses = $this->user($request)->courses()->get();
        // One course is what most people have: no stop on the way to it.
        if ($courses->count() === 1 && ! $request->has('all')) {
            return redirect()->route('courses.show', $courses->first());
        }

        return view('home', [
            'courses' => $courses,
            'mayStart' => StartingCourses::here()->isFor($this->user($request)),
        ]);
    }
}
