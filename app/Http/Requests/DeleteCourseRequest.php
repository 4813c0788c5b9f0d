<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The name of the course that is to go. */
final class DeleteCourseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['course_name' => ['required', Rule::in([Routed::course($this)->name])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['course_name.in' => 'That is not the name of the course. Nothing was deleted.'];
    }
}
