<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A code of a second factor. */
final class FactorCodeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    public function code(): string
    {
        return $this->string('code')->toString();
    }
}
