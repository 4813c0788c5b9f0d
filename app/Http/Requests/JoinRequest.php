<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

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
                'name' => ['required', 'string', 'max:120'],
                'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
                'password' => ['required', 'string', 'max:200', Password::min(10)],
            ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.unique' => 'Somebody has joined with this address already. If it was you, sign in first '
                .'and then join.',
        ];
    }
}
