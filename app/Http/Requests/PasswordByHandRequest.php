<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\GoodPassword;
use App\Accounts\Links;
use Illuminate\Foundation\Http\FormRequest;

/** A new password by a link that was made by hand. */
final class PasswordByHandRequest extends FormRequest
{
    /** A link that was used is gone, whatever is typed. */
    public function authorize(): bool
    {
        $asked = Links::passwordRequest(Routed::user($this), (string) $this->route('was'), $this->query('asked'));
        abort_unless($asked?->counts() ?? false, 410);

        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = Routed::user($this);

        return [
            'password' => ['required', 'string', 'max:200', new GoodPassword([$user->name, (string) $user->email])],
        ];
    }
}
