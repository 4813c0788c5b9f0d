<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** That a brief may go with its attempts. */
final class TakeBackBriefRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['sure' => ['accepted']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['sure.accepted' => 'Tick that the attempts go with it. Nothing was deleted.'];
    }
}
