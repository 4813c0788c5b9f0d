<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A place in a frame that is looked at. */
final class SpotRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'x' => ['required', 'numeric', 'min:0', 'max:100'],
            'y' => ['required', 'numeric', 'min:0', 'max:100'],
            // The place that was read before.
            'fromX' => ['nullable', 'numeric', 'min:0', 'max:100'],
            'fromY' => ['nullable', 'required_with:fromX', 'numeric', 'min:0', 'max:100'],
        ];
    }
}
