<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use Illuminate\Foundation\Http\FormRequest;

/** The address of somebody who forgot a password. */
final class ForgottenPasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'email', 'max:190']];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::of($this->input('email'))]);
    }
}
