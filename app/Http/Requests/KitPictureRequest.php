<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A picture whose record alone is wanted; nothing of it is kept. */
final class KitPictureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['picture' => ['required', 'file', 'max:60000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'picture.required' => 'Choose a picture first.',
            'picture.*' => 'That file cannot be read: choose a picture of up to 60 MB, straight from the camera.',
        ];
    }

    public function picture(): UploadedFile
    {
        return $this->validated()['picture'];
    }
}
