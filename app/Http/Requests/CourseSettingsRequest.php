<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Approach\ApproachQuestion;

/** What a course is called, where and in which time it meets, and its approach. */
final class CourseSettingsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'name' => ['required', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:120'],
            'asks_confirmed' => ['sometimes', 'boolean'],
            'sends_undecided' => ['sometimes', 'boolean'],
            'keeps_months' => ['nullable', 'integer', 'in:3,6,12,24,36,60'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
        ];
        foreach (ApproachQuestion::cases() as $question) {
            $rules['approach.'.$question->value] = ['required', Rule::in(array_keys($question->choices()))];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'timezone.in' => 'There is no time zone of that name; choose one of the list, as Europe/Lisbon or UTC.',
        ];
    }
}
