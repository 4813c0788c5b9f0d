<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\CopyCourse;
use App\Http\Requests\CourseSettingsRequest;
use App\Http\Requests\DeleteCourseRequest;
use App\Letterbox\Letterbox;
use App\Models\Course;
use App\Models\SilencedFinding;
use App\Retention\DeleteAttempts;
use App\Trail\Trail;
use App\Trail\TrailEvent;
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
            'firstDate' => CopyCourse::firstDate($course),
            'hasMail' => Letterbox::mailArrives(),
            'questions' => ApproachQuestion::cases(),
            'silenced' => SilencedFinding::in($course),
            'zones' => DateTimeZone::listIdentifiers(),
        ]);
    }

    public function update(CourseSettingsRequest $request, Course $course): RedirectResponse
    {
        $input = $request->validated();
        // The weights of the adviser are no question on this page and stay as they are.
        $course->update([
            ...$input,
            'marking' => $request->marking($course->marking),
            // Where no mail arrives nobody could confirm anything.
            'asks_confirmed' => $request->boolean('asks_confirmed') && Letterbox::mailArrives(),
            'sends_undecided' => $request->boolean('sends_undecided'),
            'kit_rules' => $input['kit_rules'] ?? [],
            'approach' => [...$course->approach, ...$input['approach']],
        ]);
        Trail::note($course, $request->user(), TrailEvent::SettingsChanged);

        return redirect()
            ->route('courses.show', $course)
            ->with('done', 'Saved. What is judged from now on follows it; what was returned stays as it was.');
    }

    /** A course with everything in it. Its name has to be typed. */
    public function destroy(DeleteCourseRequest $request, Course $course, DeleteAttempts $delete): RedirectResponse
    {
        $delete->withCourse($course);

        return redirect()
            ->route('home')
            ->with('done', sprintf('"%s" is deleted, with everything that was handed in.', $course->name));
    }
}
