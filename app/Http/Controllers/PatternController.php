<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\CourseBoard;
use App\Courses\DeskQueue;
use App\Models\Course;
use App\Models\SetBrief;
use App\Patterns\ClassPatterns;
use App\Patterns\CourseHabits;
use App\View\Drawings\SettingsPicture;
use App\View\Presenters\ProjectorSlides;
use App\View\Presenters\TeachNext;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The class over its briefs: a list of them, one at length, and one thing a screen for a projector. */
final class PatternController extends Controller
{
    /** Frames shown with each brief. */
    private const SHOWN = 6;

    public function index(Request $request, Course $course): View
    {
        $briefs = array_values(array_filter(
            CourseBoard::of($course)->briefs(),
            fn ($brief): bool => $brief->attempts->handedIn > 0,
        ));
        $latest = collect(DeskQueue::of($course)->latest($briefs, self::SHOWN))->groupBy('brief.setBrief');

        return view('courses.class', [
            'course' => $course,
            // A guest critic is told of frames, and not of people.
            'habits' => $request->user()?->can('teach', $course) ? CourseHabits::of($course) : [],
            'briefs' => array_map(
                fn ($brief): array => ['brief' => $brief, 'latest' => $latest->get($brief->setBrief, collect())],
                $briefs,
            ),
        ]);
    }

    public function show(SetBrief $setBrief): View
    {
        $patterns = ClassPatterns::of($setBrief->load('course'));

        return view('patterns.show', [
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
            'patterns' => $patterns,
            'teach' => TeachNext::all($patterns),
            'picture' => SettingsPicture::of($patterns->settings()),
        ]);
    }

    public function project(Request $request, SetBrief $setBrief): View
    {
        $slides = ProjectorSlides::of(ClassPatterns::of($setBrief->load('course')));
        $at = max(1, min(count($slides->all), $request->integer('at', 1)));

        return view('patterns.project', [
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
            'slide' => $slides->all[$at - 1],
            'at' => $at,
            'count' => count($slides->all),
        ]);
    }
}
