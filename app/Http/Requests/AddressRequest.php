<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use Illuminate\Foundation\Http\FormRequest;

/** Another address. */
final class AddressRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'email', 'max:190'],
            'address_password' => ['required', 'current_password'],
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::of($this->input('email'))]);
    }
}
