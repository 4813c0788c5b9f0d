<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who signs in. */
final class SignInRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::of($this->input('email'))]);
    }
}
