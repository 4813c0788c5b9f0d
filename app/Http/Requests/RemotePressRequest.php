<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A button of the phone that turns the projector. */
final class RemotePressRequest extends FormRequest
{
    /** What can be pressed. */
    private const PRESSES = ['prev', 'next', 'findings', 'numbers', 'crop'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['press' => ['required', Rule::in(self::PRESSES)]];
    }
}
