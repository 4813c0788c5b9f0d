<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Course;
use App\Models\SetBrief;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Validator;

/** When a set brief opens, is due and closes, typed in the time of its course. */
class BriefDatesRequest extends FormRequest
{
    private const MOMENT = ['nullable', 'date', 'after:2000-01-01', 'before:2200-01-01'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'opens_at' => self::MOMENT,
            'due_at' => self::MOMENT,
            'closes_at' => self::MOMENT,
            'hidden' => ['sometimes', 'boolean'],
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $dates = $this->dates();
                if (self::isBefore($dates['due_at'], $dates['opens_at'])) {
                    $validator->errors()->add('due_at', 'It would be due before it opens.');
                }
                if (self::isBefore($dates['closes_at'], $dates['due_at'])) {
                    $validator->errors()->add('closes_at', 'It would close before it is due.');
                }
                if (self::isBefore($dates['closes_at'], $dates['opens_at'])) {
                    $validator->errors()->add('closes_at', 'It would close before it opens.');
                }
            },
        ];
    }

    /** @return array{opens_at: ?Carbon, due_at: ?Carbon, closes_at: ?Carbon} in UTC */
    public function dates(): array
    {
        $course = $this->course();

        return [
            'opens_at' => $course->parseMoment($this->string('opens_at')->toString()),
            'due_at' => $course->parseMoment($this->string('due_at')->toString()),
            'closes_at' => $course->parseMoment($this->string('closes_at')->toString()),
        ];
    }

    private function course(): Course
    {
        $setBrief = $this->route('setBrief');
        $course = $setBrief instanceof SetBrief ? $setBrief->course : $this->route('course');
        assert($course instanceof Course);

        return $course;
    }

    private static function isBefore(?Carbon $one, ?Carbon $other): bool
    {
        return $one !== null && $other !== null && $one->lessThan($other);
    }
}
