<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Models\Course;
use DateInterval;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Puts the meetings, briefs, lessons and drills of a template into a course. Hours are those of the course's own time,
 * across summer time too. A brief that the course has already stays as it is.
 */
final readonly class FollowTemplate
{
    public function __construct(private BriefLibrary $library)
    {
    }

    /** @param  ?Carbon  $first  when the first meeting begins; null leaves all dates away */
    public function handle(Course $course, CourseTemplate $template, ?Carbon $first): void
    {
        DB::transaction(function () use ($course, $template, $first): void {
            $local = $first?->clone()->setTimezone($course->timezone);
            foreach ($template->meetings as $number => $data) {
                $begins = $local?->clone()->add(new DateInterval($data['at']));
                $meeting = $course->meetings()->create([
                    'starts_at' => $begins?->clone()->utc(),
                    'title' => $data['title'],
                    'lessons' => $data['lessons'],
                    'drills' => $data['drills'],
                ]);
                foreach ($data['briefs'] as ['id' => $id, 'due' => $due]) {
                    $brief = $this->library->data($id);
                    if ($brief === null || $course->setBriefs()->where('brief_id', $id)->exists()) {
                        continue;
                    }
                    $course->setBriefs()->create([
                        'brief_id' => $id,
                        'revision' => (int) ($brief['revision'] ?? 1),
                        'brief' => $course->setting($brief),
                        'meeting_id' => $meeting->id,
                        // Without dates only the first is there: the others are shown when their turn comes.
                        'is_hidden' => $begins === null && $number > 0,
                        'opens_at' => $begins?->clone()->utc(),
                        'due_at' => $begins?->clone()->add(new DateInterval($due))->utc(),
                    ]);
                }
            }
        });
    }
}
