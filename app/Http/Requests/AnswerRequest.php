<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What an instructor answers to a reply. */
final class AnswerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['answer' => ['nullable', 'string', 'max:4000']];
    }
}
