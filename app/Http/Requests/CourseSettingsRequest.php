<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Marking;
use App\Models\MarkingKind;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Approach\ApproachQuestion;
use TruePupil\Core\Brief\KitRule;

/** What a course is called, where and in which time it meets, and its approach. */
final class CourseSettingsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'name' => ['required', 'string', 'max:120'],
            'place' => ['nullable', 'string', 'max:120'],
            'asks_confirmed' => ['sometimes', 'boolean'],
            'sends_undecided' => ['sometimes', 'boolean'],
            'kit_rules' => ['sometimes', 'array'],
            'kit_rules.*' => [Rule::enum(KitRule::class)],
            'keeps_months' => ['nullable', 'integer', 'in:3,6,12,24,36,60'],
            'marking.kind' => ['sometimes', Rule::enum(MarkingKind::class)],
            'marking.most' => ['nullable', 'integer', 'min:1', 'max:'.Marking::MOST_POINTS],
            'marking.lines' => ['nullable', 'string', 'max:1000', 'required_if:marking.kind,rubric'],
            'timezone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
        ];
        foreach (ApproachQuestion::cases() as $question) {
            $rules['approach.'.$question->value] = ['required', Rule::in(array_keys($question->choices()))];
        }

        return $rules;
    }

    /** How the course marks; as before where the form does not ask. */
    public function marking(Marking $before): Marking
    {
        $given = $this->validated('marking');
        if (! is_array($given)) {
            return $before;
        }
        $lines = array_filter(array_map(trim(...), explode("\n", (string) ($given['lines'] ?? ''))));

        return new Marking(
            MarkingKind::from((string) $given['kind']),
            (int) ($given['most'] ?? 10),
            array_slice(array_values($lines), 0, Marking::MOST_LINES),
        );
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'marking.lines.required_if' => 'Write the lines that you mark, one under the other.',
            'timezone.in' => 'There is no time zone of that name; choose one of the list, as Europe/Lisbon or UTC.',
        ];
    }
}
