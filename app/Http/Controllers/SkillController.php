<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\Roles;
use App\Csv\SafeCell;
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
        $rows = $this->record($course, $user)->points();

        return response()->streamDownload(
            function () use ($rows): void {
                $out = fopen('php://output', 'w') ?: throw new \RuntimeException('No output.');
                foreach ($rows as $row) {
                    fputcsv(
                        $out,
                        array_map(
                            fn (string|int $cell): string|int => is_string($cell) ? SafeCell::of($cell) : $cell,
                            $row,
                        ),
                        escape: '',
                    );
                }
            },
            Str::slug($user->name).'-points.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    private function record(Course $course, User $user): SkillRecord
    {
        abort_unless($this->roles->in($course, $user) === Role::Student, 404);

        return SkillRecord::of($course, $user, false);
    }
}
