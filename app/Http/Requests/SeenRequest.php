<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The page that is being looked at. */
final class SeenRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['path' => ['required', 'string', 'max:300']];
    }
}
