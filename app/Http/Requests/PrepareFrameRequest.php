<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\HandIn\PreparedFrame;
use App\Input\IntentInput;
use App\Input\MarksInput;
use App\Input\RegionInput;
use App\Input\SeenInput;
use App\Input\StatedFieldsInput;
use App\Models\Frame;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Marks, typed fields and words for a frame. Positions arrive in percent of the displayed frame. */
final class PrepareFrameRequest extends FormRequest
{
    /** Smaller than this, a rectangle is a slip of the finger. */
    private const LEAST_PERCENT = 0.5;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        /** @var Frame $frame */
        $frame = $this->route('frame');
        $placements = array_map(
            fn ($placement): string => $placement->id,
            $frame->attempt->content()->placements,
        );
        $readable = fn (string $attribute, mixed $value, Closure $fail) => ($problem = StatedFieldsInput::problem(
            substr($attribute, strlen('stated.')),
            is_string($value) ? $value : null,
        )) === null
            ? null
            : $fail($problem);
        $percent = ['required', 'numeric', 'min:0', 'max:100'];

        return [
            // Not every brief offers subjects to choose from.
            'placement_id' => $placements === [] ? ['prohibited'] : ['required', Rule::in($placements)],
            'subject' => ['required', 'array:x,y,width,height'],
            'subject.x' => $percent,
            'subject.y' => $percent,
            'subject.width' => ['required', 'numeric', 'min:'.self::LEAST_PERCENT, 'max:100'],
            'subject.height' => ['required', 'numeric', 'min:'.self::LEAST_PERCENT, 'max:100'],
            'marks' => [
                'sometimes',
                'array',
                fn (string $attribute, mixed $value, Closure $fail) => ($problem = MarksInput::problem(
                    is_array($value) ? $value : [],
                )) === null
                    ? null
                    : $fail($problem),
            ],
            'stated' => ['sometimes', 'array:'.implode(',', StatedFieldsInput::FIELDS)],
            'stated.*' => ['nullable', 'string', 'max:60', $readable],
            'intent' => [
                'sometimes',
                'array',
                fn (string $attribute, mixed $value, Closure $fail) => ($problem = IntentInput::problem(
                    is_array($value) ? $value : [],
                )) === null
                    ? null
                    : $fail($problem),
            ],
            'intent.*' => ['nullable', 'string', 'max:20'],
            'seen' => [
                'nullable',
                'string',
                'max:'.SeenInput::LONGEST,
                fn (string $attribute, mixed $value, Closure $fail) => ($problem = SeenInput::problem(
                    is_string($value) ? $value : null,
                )) === null
                    ? null
                    : $fail($problem),
            ],
            'about' => ['nullable', 'string', 'max:2000'],
            'reason' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $draw = 'Draw a rectangle round the subject on the picture.';

        return [
            'placement_id.required' => 'Say which subject of the brief this is.',
            'subject.required' => $draw,
            'subject.*.required' => $draw,
            'subject.width.min' => $draw,
            'subject.height.min' => $draw,
            'subject.*' => 'The rectangle must lie inside the picture.',
        ];
    }

    public function prepared(): PreparedFrame
    {
        $text = fn (string $field): ?string => $this->input($field) === null ? null : (string) $this->input($field);

        return new PreparedFrame(
            subject: RegionInput::read((array) $this->input('subject')),
            marks: MarksInput::read((array) $this->input('marks', [])),
            stated: StatedFieldsInput::read((array) $this->input('stated', [])),
            intent: IntentInput::read((array) $this->input('intent', [])),
            placementId: $text('placement_id'),
            about: $text('about'),
            reason: $text('reason'),
            seen: SeenInput::read($text('seen')),
        );
    }

    public function withValidator(\Illuminate\Validation\Validator $validator): void
    {
        $validator->after(function ($validator): void {
            if ((float) $this->input('subject.x') >= 100 || (float) $this->input('subject.y') >= 100) {
                $validator->errors()->add('subject', 'The rectangle must lie inside the picture.');
            }
        });
    }
}
