<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Meeting;

/** Fields of one of several forms on the page: what was typed in it before it was refused, or what the meeting has. */
final class MeetingForm
{
    public static function key(?Meeting $meeting): string
    {
        return $meeting === null ? 'new' : (string) $meeting->id;
    }

    public static function text(?Meeting $meeting, string $field, ?string $has): string
    {
        return self::isTyped($meeting) && is_string(old($field)) ? old($field) : (string) $has;
    }

    public static function has(?Meeting $meeting, string $field, string $value, bool $has): bool
    {
        return self::isTyped($meeting) ? in_array($value, (array) old($field), true) : $has;
    }

    private static function isTyped(?Meeting $meeting): bool
    {
        return old('meeting') === self::key($meeting);
    }
}
