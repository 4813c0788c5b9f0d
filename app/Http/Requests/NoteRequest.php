<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\NoteKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Findings\Topic;

/** A note on a frame. */
final class NoteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(NoteKind::class)],
            'fixed' => ['nullable', Rule::in(['field', 'afterwards'])],
            'topic' => ['nullable', Rule::enum(Topic::class)],
            'region' => ['nullable', 'array:x,y,width,height'],
            'region.*' => ['nullable', 'numeric', 'min:0', 'max:100'],
            'body' => ['required', 'string', 'max:4000'],
            'token' => ['required', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['body.required' => 'Write the note first.'];
    }
}
