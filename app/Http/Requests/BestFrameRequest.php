<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The frame that its student holds for the best. */
final class BestFrameRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'frame' => ['required', Rule::exists('frames', 'id')->where('attempt_id', Routed::attempt($this)->id)],
            'reason' => ['nullable', 'string', 'max:2000'],
            'hang' => ['nullable', 'in:yes,no'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['frame.*' => 'Choose one of the frames.'];
    }
}
