<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\ChangeCritique;
use App\Csv\CsvDownload;
use App\Http\Requests\MarkRequest;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\User;
use App\Transfer\MarkTable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Marks of the teacher's own, and tables of them. */
final class MarkController extends Controller
{
    public function update(MarkRequest $request, Attempt $attempt): Response|RedirectResponse
    {
        ChangeCritique::of(
            $attempt->id,
            'its mark can no longer change',
            fn (Attempt $attempt): bool => $attempt->update(['mark' => $request->mark()]),
        );
        $words = $attempt->setBrief->course->marking->words($request->mark());

        return $request->header('HX-Request') === null
            ? back()
            : response(e($words === null ? 'No mark' : 'Kept: '.$words));
    }

    public function course(Course $course): StreamedResponse
    {
        return CsvDownload::of(MarkTable::ofCourse($course), Str::slug($course->name).'-marks.csv');
    }

    public function student(Course $course, User $user): StreamedResponse
    {
        return CsvDownload::of(MarkTable::ofStudent($course, $user), Str::slug($user->name).'-marks.csv');
    }
}
