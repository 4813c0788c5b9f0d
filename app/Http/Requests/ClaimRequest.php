<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use App\Accounts\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

/** An account that its owner takes over from whoever made it. */
final class ClaimRequest extends FormRequest
{
    public function authorize(): bool
    {
        abort_unless(Routed::user($this)->isUnclaimed(), 410);

        return true;
    }

    /** @return array<string, mixed> nothing of somebody who is signed in: it all goes into that account */
    public function rules(): array
    {
        return $this->user() !== null ? [] : [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190'],
            'password' => [
                'required',
                'string',
                'max:200',
                new GoodPassword([(string) $this->input('name'), (string) $this->input('email')]),
            ],
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::of($this->input('email'))]);
    }
}
