<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who gets more time for a brief, and until when. */
final class MoreTimeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'students' => ['required_without:group', 'array'],
            'students.*' => ['integer'],
            'group' => ['nullable', 'string', 'max:40'],
            'until' => ['nullable', 'date', 'after:2000-01-01', 'before:2200-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['students.required_without' => 'Choose who gets more time: students, or a group.'];
    }
}
