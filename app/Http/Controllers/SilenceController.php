<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SilenceRequest;
use App\Models\Course;
use App\Models\SilencedFinding;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use TruePupil\Core\Findings\Critic;

/** Kinds of findings that a course does not want to hear, and those it wants to hear again. */
final class SilenceController extends Controller
{
    public function store(SilenceRequest $request, Course $course, Critic $critic): RedirectResponse|Response
    {
        $rule = $request->validated()['rule'];
        SilencedFinding::query()->firstOrCreate(
            ['course_id' => $course->id, 'rule_id' => $rule],
            ['user_id' => $this->user($request)->id],
        );

        return $request->header('HX-Request') !== null
            ? response(
                '<p class="fine">Silenced in this course from the next check on. The course\'s settings list what is '.
                    'silent.</p>',
            )
            : back()->with('done', 'Silenced in this course from the next check on.');
    }

    public function destroy(Request $request, Course $course): RedirectResponse
    {
        SilencedFinding::query()
            ->where('course_id', $course->id)
            ->where('rule_id', (string) $request->input('rule'))
            ->delete();

        return redirect()
            ->route('courses.settings', $course)
            ->with('done', 'It will be heard again, from the next check on.');
    }
}
