<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Frame;
use Illuminate\Foundation\Http\FormRequest;

/** A critique as it is being written. */
final class CritiqueDraftRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'summary' => ['nullable', 'string', 'max:5000'],
            'revision' => ['nullable', 'integer', 'min:0'],
            'page' => ['nullable', 'string', 'max:40'],
            'suggestion' => ['sometimes', 'array'],
            'suggestion.*' => ['nullable', 'integer', 'min:0', 'max:'.Frame::INSTRUCTOR_SUGGESTION],
        ];
    }
}
