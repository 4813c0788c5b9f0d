<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The name and the first day of the next course. */
final class CopyCourseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'copy_name' => ['required', 'string', 'max:120'],
            'first_day' => ['nullable', 'date', 'after:2000-01-01', 'before:2200-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['copy_name' => 'name', 'first_day' => 'first date'];
    }
}
