<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Kits\StarterKit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody who has entered nothing photographs with. */
final class StarterKitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['with' => ['required', Rule::enum(StarterKit::class)]];
    }

    public function starter(): StarterKit
    {
        return StarterKit::from($this->validated()['with']);
    }
}
