<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Decision;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What an instructor decides about a finding. */
final class DecideFindingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'decision' => ['required', Rule::enum(Decision::class)],
            'wording' => ['nullable', 'string', 'max:2000', 'required_if:decision,reworded'],
            'revision' => ['nullable', 'integer', 'min:0'],
            'dismissal' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wording.required_if' => 'Write your own wording first.'];
    }
}
