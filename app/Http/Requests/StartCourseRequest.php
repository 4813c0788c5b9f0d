<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

/** A new course, by somebody new or by somebody who has signed in. */
final class StartCourseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $course = [
            'course' => ['required', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:120'],
            'timezone' => ['nullable', Rule::in(DateTimeZone::listIdentifiers())],
        ];

        return $this->user() !== null
            ? $course
            : [
                ...$course,
                'name' => ['required', 'string', 'max:120'],
                'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
                'password' => ['required', 'string', 'max:200', Password::min(10)],
            ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.unique' => 'Somebody has an account with this address already. If it was you, sign in first and '.
                'then start the course.',
            'timezone.in' => 'There is no time zone of that name; choose one of the list, as Europe/Lisbon or UTC.',
        ];
    }
}
