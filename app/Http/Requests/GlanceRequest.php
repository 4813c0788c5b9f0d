<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\MarksInput;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

/** A subject that is being drawn. */
final class GlanceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $percent = ['required', 'numeric', 'min:0', 'max:100'];

        return [
            'x' => [...$percent, 'lt:100'],
            'y' => [...$percent, 'lt:100'],
            'width' => [...$percent, 'gt:0'],
            'height' => [...$percent, 'gt:0'],
            'placement' => ['nullable', 'string', 'max:60'],
            'marks' => [
                'sometimes',
                'array',
                function (string $name, mixed $marks, Closure $fail): void {
                    $problem = MarksInput::problem((array) $marks);
                    $problem === null || $fail($problem);
                },
            ],
            'marks.*.kind' => ['string', 'max:20'],
            'marks.*.points' => ['string', 'max:600'],
        ];
    }
}
