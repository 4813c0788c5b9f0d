<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Course;
use App\Models\Meeting;
use App\Practice\Lesson;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Drill\DrillKind;

/** A meeting as an instructor writes it; its hour is in the time of the course. */
final class MeetingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'starts' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'lessons' => ['nullable', 'array'],
            'lessons.*' => [Rule::in(array_column(Lesson::all(), 'id'))],
            'drills' => ['nullable', 'array'],
            'drills.*' => [Rule::enum(DrillKind::class)],
            'briefs' => ['nullable', 'array'],
            'briefs.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.required' => 'Say in a few words what the meeting is about.',
            'starts.date_format' => 'That is no day and hour; write it as 2026-09-01 19:00, or choose it.',
            'lessons.*' => 'There is no such lesson.',
            'drills.*' => 'There is no such drill.',
        ];
    }

    /** @return array<string, mixed> as a meeting has it */
    public function meeting(Course $course): array
    {
        return [
            'title' => $this->validated('title'),
            'starts_at' => $course->parseMoment($this->validated('starts')),
            'lessons' => array_values($this->validated('lessons') ?? []),
            'drills' => array_values($this->validated('drills') ?? []),
        ];
    }

    /** Briefs of the course that belong to it; those that did before and are no longer named belong to none. */
    public function assign(Meeting $meeting): void
    {
        $chosen = array_map(intval(...), $this->validated('briefs') ?? []);
        $meeting->course
            ->setBriefs()
            ->where('meeting_id', $meeting->id)
            ->whereNotIn('id', $chosen)
            ->update(['meeting_id' => null]);
        $meeting->course->setBriefs()->whereIn('id', $chosen)->update(['meeting_id' => $meeting->id]);
    }
}
