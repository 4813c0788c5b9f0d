<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\Marking;
use Illuminate\Foundation\Http\FormRequest;

/** A mark of the teacher's own; empty takes it back. */
final class MarkRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'mark' => ['nullable', 'array', 'max:'.Marking::MOST_LINES],
            'mark.*' => ['nullable', 'integer', 'min:0', 'max:'.$this->marking()->mostOfPart()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['mark.*' => sprintf('A whole number from 0 to %d, please.', $this->marking()->mostOfPart())];
    }

    /** @return ?list<int> null until every part has one */
    public function mark(): ?array
    {
        $given = array_filter((array) $this->validated('mark'), is_numeric(...));

        return count($given) === count($this->marking()->parts()) && $given !== []
            ? array_values(array_map(intval(...), $given))
            : null;
    }

    private function marking(): Marking
    {
        $attempt = $this->route('attempt');

        return $attempt instanceof Attempt ? $attempt->setBrief->course->marking : new Marking();
    }
}
