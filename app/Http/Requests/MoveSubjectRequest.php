<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\RegionInput;
use Illuminate\Foundation\Http\FormRequest;
use TruePupil\Core\Composition\Region;

/** Where the subject is, in the instructor's eyes; nothing gives the student's mark back. */
final class MoveSubjectRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'subject' => ['nullable', 'array:x,y,width,height'],
            'subject.*' => ['required', 'numeric', 'min:0', 'max:100'],
            'subject.width' => ['required_with:subject', 'numeric', 'min:0.5', 'max:100'],
            'subject.height' => ['required_with:subject', 'numeric', 'min:0.5', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['subject.*' => 'Draw the mark on the picture, or give all four numbers in percent of the frame.'];
    }

    public function subject(): ?Region
    {
        $given = $this->validated('subject');

        return is_array($given) ? RegionInput::read($given) : null;
    }
}
