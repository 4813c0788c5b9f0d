<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which way a brief moves in the list. */
final class MoveBriefRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['way' => ['required', 'in:up,down']];
    }
}
