<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Role;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class CourseController extends Controller
{
    public function show(Request $request, Course $course): View
    {
        $role = $request->user()->roleIn($course);
        $setBriefs = $course->setBriefs()->get()->each->setRelation('course', $course);
        $attempts = Attempt::query()->with('user')->whereIn('set_brief_id', $setBriefs->modelKeys())
            ->when($role === Role::Student, fn ($query) => $query->where('user_id', $request->user()->id))
            ->when($role !== Role::Student, fn ($query) => $query->where('state', '!=', AttemptState::Draft))
            // Who has waited longest comes first.
            ->orderByRaw("field(state, 'at-desk', 'waiting', 'draft', 'returned')")->orderBy('handed_in_at')->orderBy('id')
            ->get()->groupBy('set_brief_id');

        return view('courses.show', [
            'course' => $course,
            'role' => $role,
            'setBriefs' => $setBriefs,
            'attempts' => $attempts,
            'members' => $course->memberships()->with('user')->orderByRaw("field(role, 'instructor', 'critic', 'student')")->orderBy('id')->get(),
        ]);
    }
}
