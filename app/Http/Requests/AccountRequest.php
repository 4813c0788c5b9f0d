<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Moments;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a person says of themselves. */
final class AccountRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'timezone' => ['nullable', Rule::in(DateTimeZone::listIdentifiers())],
            'locale' => ['nullable', Rule::in(array_keys(Moments::LANGUAGES))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'timezone.in' => 'There is no time zone of that name; choose one of the list, as Europe/Lisbon or UTC.',
        ];
    }
}
