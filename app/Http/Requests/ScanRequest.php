<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Roll\FrameNumber;

/** Which frames of a roll the pictures of an attempt are. */
final class ScanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'roll' => ['required', Rule::exists('film_rolls', 'id')->where('user_id', $this->user()?->id)],
            'numbers' => ['array', 'max:200'],
            'numbers.*' => ['nullable', 'string', 'max:4', function (string $at, mixed $number, \Closure $fail): void {
                if (! FrameNumber::isOne(strtoupper((string) $number))) {
                    $fail(sprintf('"%s" is no frame of a roll.', $number));
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['roll.*' => 'Say which roll it is.'];
    }
}
