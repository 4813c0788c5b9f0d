<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

/** Another password, by the one that counts now. */
final class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = $this->user();

        return [
            'current_password' => ['required', 'current_password'],
            'password' => [
                'required',
                'string',
                'max:200',
                new GoodPassword([(string) $user?->name, (string) $user?->email]),
            ],
        ];
    }
}
