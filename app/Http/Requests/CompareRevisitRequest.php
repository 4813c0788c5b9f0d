<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The frame that was taken on going back. */
final class CompareRevisitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['again' => ['nullable', 'integer']];
    }
}
