<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Briefs\CourseTemplate;
use App\Courses\StartingCourses;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A new course, by somebody new or by somebody who has signed in. */
final class StartCourseRequest extends FormRequest
{
    public function authorize(): bool
    {
        $here = StartingCourses::here();

        return $here->isFor($this->user()) || $here->invitation($this) !== null;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $course = [
            'course' => ['required', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:120'],
            'template' => ['nullable', Rule::in(array_column(CourseTemplate::all(), 'id'))],
            'first' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'timezone' => ['nullable', Rule::in(DateTimeZone::listIdentifiers())],
        ];

        return $this->user() !== null
            ? $course
            : [
                ...$course,
                ...NewAccountRules::of($this),
            ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'first.date_format' => 'That is no day and hour; write it as 2026-09-01 19:00, or choose it.',
            'timezone.in' => 'There is no time zone of that name; choose one of the list, as Europe/Lisbon or UTC.',
        ];
    }

    protected function prepareForValidation(): void
    {
        NewAccountRules::prepare($this);
    }
}
