<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class JoinRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $code = ['code' => ['required', 'string', 'max:40']];

        return $this->user() !== null
            ? $code
            : [
                ...$code,
                ...NewAccountRules::of($this),
            ];
    }

    protected function prepareForValidation(): void
    {
        NewAccountRules::prepare($this);
    }
}
