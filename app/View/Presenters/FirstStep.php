<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\BriefCount;
use App\Models\Course;
use App\Models\Role;

/** One of the three steps from an empty course to its first evening. */
final readonly class FirstStep
{
    /** @param  array<string, string>  $links  addresses by what they say */
    private function __construct(public string $title, public bool $isDone, public string $says, public array $links)
    {
    }

    /**
     * @param  list<BriefCount>  $briefs
     * @return list<self> none once there are people and briefs, or the course is over
     */
    public static function of(Course $course, array $briefs): array
    {
        $students = $briefs[0]->students ?? $course->memberships()->where('role', Role::Student)->count();
        if ($course->archived_at !== null || ($students > 0 && $briefs !== [])) {
            return [];
        }
        $first = $course->meetings()->whereNotNull('starts_at')->first();

        return [
            new self(
                'People',
                $students > 0,
                $students === 0
                    ? 'Show the code, or invite them from a list of names and addresses.'
                    : ($students === 1 ? 'One student is there.' : $students.' students are there.'),
                [
                    'Show the invitation' => route('courses.invitation', $course),
                    'People from a list' => route('courses.people', $course),
                ],
            ),
            new self(
                'Briefs',
                $briefs !== [],
                $briefs === [] ? 'Take a ready exercise, a whole ready course, or write your own.'
                    : (count($briefs) === 1 ? 'One brief is set.' : count($briefs).' briefs are set.'),
                [
                    'Set the first brief' => route('set-briefs.create', $course),
                    'Take a ready course' => route('programme', $course),
                ],
            ),
            new self(
                'The first evening',
                $first !== null,
                $first?->starts_at === null ? 'Its date, and what is read and drilled then.'
                    : 'You meet '.$course->formatHour($first->starts_at).'.',
                [$first === null ? 'Name the date' : 'The programme' => route('programme', $course)],
            ),
        ];
    }
}
