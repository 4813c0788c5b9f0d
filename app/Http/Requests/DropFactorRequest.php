<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The password of somebody who sets up a second factor, or takes it off. */
final class DropFactorRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['factor_password' => ['required', 'current_password']];
    }
}
