<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The name of a what-if that is kept. */
final class KeepWhatIfRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['title' => ['nullable', 'string', 'max:120']];
    }
}
