<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Course;
use App\Trail\Trail;
use Illuminate\View\View;

/** Who did what in a course. */
final class TrailController extends Controller
{
    public function __invoke(Course $course): View
    {
        $entries = Trail::of($course);

        return view('courses.trail', [
            'course' => $course,
            'entries' => $entries,
            'names' => Trail::names($entries->items()),
        ]);
    }
}
