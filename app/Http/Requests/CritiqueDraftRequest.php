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
            'suggestion_was' => ['sometimes', 'array'],
            'suggestion_was.*' => ['nullable', 'integer', 'min:0'],
            'suggestion.*' => ['nullable', 'integer', 'min:0', 'max:'.Frame::INSTRUCTOR_SUGGESTION],
        ];
    }

    /** @return array<int|string, int> number of the chosen suggestion by frame, as this page has it */
    public function chosen(): array
    {
        return array_map(intval(...), $this->validated()['suggestion'] ?? []);
    }

    /**
     * Those that this page has changed: what somebody else chose meanwhile is not chosen back by a page that only shows
     * what was before.
     *
     * @return array<int|string, int>
     */
    public function changedChoices(): array
    {
        $was = $this->validated()['suggestion_was'] ?? [];

        return array_filter(
            $this->chosen(),
            fn (int $number, int|string $frame): bool => ! isset($was[$frame]) || (int) $was[$frame] !== $number,
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
