<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Phrase;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Findings\Topic;

/** A sentence to keep. */
final class PhraseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'body' => ['required', 'string', 'max:'.Phrase::LONGEST],
            'topic' => ['nullable', Rule::enum(Topic::class)],
            'is_pinned' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['body.required' => 'Write the sentence first.'];
    }

    /** @return array{body: string, topic: ?string, is_pinned: bool} */
    public function phrase(): array
    {
        return [
            'body' => trim((string) $this->validated('body')),
            'topic' => $this->validated('topic'),
            'is_pinned' => $this->boolean('is_pinned'),
        ];
    }
}
