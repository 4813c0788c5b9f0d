<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\Roles;
use App\Models\Course;
use App\Models\Role;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;

/** The due dates of a course as iCalendar (RFC 5545): for a student those that hold for that student. */
final class CalendarController extends Controller
{
    /** Minutes that a date takes up in a calendar, up to the moment it is due. */
    private const LENGTH = 30;

    public function __construct(private readonly Roles $roles)
    {
    }

    public function __invoke(Request $request, Course $course): Response
    {
        $user = $this->user($request);
        $isStudent = $this->roles->in($course, $user) === Role::Student;
        $host = (string) parse_url((string) config('app.url'), PHP_URL_HOST);
        $calendar = new VCalendar([
            'PRODID' => '-//True Pupil//Due dates//EN',
            'NAME' => $course->name,
            'X-WR-CALNAME' => $course->name,
        ]);
        foreach ($course->setBriefs()->whereNotNull('due_at')->get() as $setBrief) {
            $isReadable = ! $isStudent || $setBrief->isReadableBy($user);
            $due = ($isStudent ? $setBrief->datesOf($user) : $setBrief->dates())->dueAt?->clone()->utc();
            // A student sees no more here than on the page of the course.
            if ($due === null || ($setBrief->is_hidden && ! $isReadable)) {
                continue;
            }
            $brief = $setBrief->content();
            $calendar->add('VEVENT', [
                'UID' => sprintf('set-brief-%d@%s', $setBrief->id, $host),
                'SUMMARY' => sprintf('%d %s: due', $brief->number, $brief->words->title),
                'DESCRIPTION' => $isReadable ? $brief->words->purpose : '',
                'LOCATION' => (string) $course->place,
                'URL' => route('set-briefs.show', $setBrief),
                'DTSTART' => $due->clone()->subMinutes(self::LENGTH)->toDateTimeImmutable(),
                'DTEND' => $due->toDateTimeImmutable(),
                'DTSTAMP' => ($setBrief->updated_at ?? $due)->utc()->toDateTimeImmutable(),
            ]);
        }

        foreach ($course->meetings()->whereNotNull('starts_at')->get() as $meeting) {
            $starts = $meeting->starts_at?->clone()->utc();
            \assert($starts !== null);
            $calendar->add('VEVENT', [
                'UID' => sprintf('meeting-%d@%s', $meeting->id, $host),
                'SUMMARY' => $meeting->title,
                'LOCATION' => (string) $course->place,
                'URL' => route('programme', $course).'#meeting-'.$meeting->id,
                'DTSTART' => $starts->toDateTimeImmutable(),
                'DTSTAMP' => ($meeting->updated_at ?? $starts)->utc()->toDateTimeImmutable(),
            ]);
        }

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($course->name) ?: 'course').'.ics"',
        ]);
    }
}
