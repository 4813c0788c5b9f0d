<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use App\Accounts\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

/** A new password by the link of a mail. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:100'],
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:200', new GoodPassword([(string) $this->input('email')])],
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::of($this->input('email'))]);
    }
}
