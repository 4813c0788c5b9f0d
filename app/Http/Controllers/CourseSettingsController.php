<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CourseSettingsRequest;
use App\Models\Course;
use App\Models\SilencedFinding;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use TruePupil\Core\Approach\ApproachQuestion;

final class CourseSettingsController extends Controller
{
    public function edit(Course $course): View
    {
        return view('courses.settings', [
            'course' => $course,
            'questions' => ApproachQuestion::cases(),
            'silenced' => SilencedFinding::in($course),
            'zones' => DateTimeZone::listIdentifiers(),
        ]);
    }

    public function update(CourseSettingsRequest $request, Course $course): RedirectResponse
    {
        $input = $request->validated();
        // The weights of the adviser are no question on this page and stay as they are.
        $course->update([...$input, 'approach' => [...$course->approach, ...$input['approach']]]);

        return redirect()
            ->route('courses.show', $course)
            ->with('done', 'Kept. What is judged from now on follows it; what was returned stays as it was.');
    }
}
