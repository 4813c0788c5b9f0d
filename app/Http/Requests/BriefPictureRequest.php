<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BriefPicture;
use Illuminate\Foundation\Http\FormRequest;

/** An example beside a brief that is being composed: a file, or a frame of the course that may be shown. */
final class BriefPictureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'example' => ['required_without:example_frame', 'nullable', 'file', 'max:40000'],
            'example_frame' => ['nullable', 'integer'],
            'example_meets' => ['required', 'boolean'],
            'pictures' => ['array', 'max:'.(BriefPicture::MOST - 1)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'example.required_without' => 'Choose a picture first.',
            'example.*' => 'That file cannot be taken: a picture of up to 40 MB is.',
            'pictures.*' => sprintf('A brief has up to %d examples. Take one out first.', BriefPicture::MOST),
        ];
    }
}
