<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file that comes in pieces. */
final class UploadRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:300'],
            'size' => ['required', 'integer', 'min:0'],
            'modified' => ['required', 'integer'],
        ];
    }
}
