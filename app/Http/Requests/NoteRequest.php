<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\PointingInput;
use App\Models\NoteKind;
use App\Models\NoteVoice;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Json\InvalidFields;

/** A note on a frame. */
final class NoteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(NoteKind::class)],
            'fixed' => ['nullable', Rule::in(['field', 'afterwards'])],
            'topic' => ['nullable', Rule::enum(Topic::class)],
            'region' => ['nullable', 'array:x,y,width,height'],
            'region.*' => ['nullable', 'numeric', 'min:0', 'max:100'],
            'pointing' => ['nullable', 'string', 'max:8000'],
            'body' => ['required', 'string', 'max:4000'],
            'voice' => ['nullable', 'file', 'max:'.intdiv(NoteVoice::MOST_BYTES, 1000)],
            'voice_seconds' => ['nullable', 'required_with:voice', 'integer', 'min:1', 'max:'.NoteVoice::MOST_SECONDS],
            'keep' => ['nullable', 'boolean'],
            'token' => ['required', 'uuid'],
        ];
    }

    /** What was spoken with it; null where nothing was. */
    public function voice(): ?string
    {
        $file = $this->file('voice');

        return $file instanceof UploadedFile ? $file->getContent() : null;
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->voice() !== null && NoteVoice::mimeOf($this->voice()) === null) {
                $validator->errors()->add('voice', 'That is no recording of a browser; the note itself is still here.');
            }
            try {
                PointingInput::read($this->string('pointing')->toString());
            } catch (InvalidArgumentException|InvalidFields) {
                $validator->errors()->add(
                    'pointing',
                    'What was drawn cannot be read. Draw it again; your note is still here.',
                );
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'body.required' => 'Write the note first.',
            'voice.max' => 'What was spoken is too long to be kept; the note itself is still here.',
            'voice_seconds.max' => 'Two minutes at most can be spoken; the note itself is still here.',
        ];
    }
}
