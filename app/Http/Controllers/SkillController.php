<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\Roles;
use App\Csv\CsvDownload;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use App\Skills\SkillRecord;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A student's way through a course, for the student and for whoever teaches it. */
final class SkillController extends Controller
{
    public function __construct(private readonly Roles $roles)
    {
    }

    public function own(Request $request, Course $course): View
    {
        return view('skills.show', [
            'course' => $course,
            'record' => SkillRecord::of($course, $this->user($request), true),
            'isOwn' => true,
        ]);
    }

    public function show(Course $course, User $user): View
    {
        return view('skills.show', ['course' => $course, 'record' => $this->record($course, $user), 'isOwn' => false]);
    }

    public function points(Course $course, User $user): StreamedResponse
    {
        return CsvDownload::of($this->record($course, $user)->points(), Str::slug($user->name).'-points.csv');
    }

    private function record(Course $course, User $user): SkillRecord
    {
        abort_unless($this->roles->in($course, $user) === Role::Student, 404);

        return SkillRecord::of($course, $user, false);
    }
}
