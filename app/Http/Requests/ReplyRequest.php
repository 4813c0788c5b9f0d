<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a student answers to a return. */
final class ReplyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reply' => ['nullable', 'string', 'max:4000']];
    }
}
