<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A template that a course follows, from a day on. */
final class FollowTemplateRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['template' => ['required', 'string'], 'first' => ['nullable', 'date_format:Y-m-d\TH:i']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['first.date_format' => 'That is no day and hour; write it as 2026-09-01 19:00, or choose it.'];
    }
}
