<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A list of people, typed or as a file. */
final class PeopleListRequest extends FormRequest
{
    private const MOST_KB = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'people' => ['required_without:file', 'nullable', 'string', 'max:40000'],
            'file' => ['nullable', 'file', 'max:'.self::MOST_KB],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['people.required_without' => 'Paste names and addresses, one person a line, or choose a table.'];
    }

    public function text(): string
    {
        $file = $this->file('file');

        return $file instanceof \Illuminate\Http\UploadedFile
            ? mb_scrub($file->getContent())
            : (string) $this->validated('people');
    }
}
