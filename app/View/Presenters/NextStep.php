<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\AttemptState;
use App\Models\Course;
use App\Models\SetBrief;
use App\Models\User;
use App\Practice\BriefExamples;

/** What a student does next in a course: one thing, with a picture. */
final readonly class NextStep
{
    private function __construct(
        public string $eyebrow,
        public string $title,
        public string $text,
        public string $link,
        public string $label,
        public ?string $picture,
    ) {
    }

    /**
     * @param  list<StudentBrief>  $rows  in the order of the course
     * @param  list<string>  $unread  the paths of notices that were not read
     */
    public static function of(User $student, Course $course, array $rows, array $unread): self
    {
        return self::returned($rows, $unread) ??
            self::inHand($rows, $course) ??
            self::camera($student, $rows, $course) ??
            self::brief($rows, $course) ??
            self::reshoot($rows, $course) ??
            self::practice($course);
    }

    /**
     * A return that has come and was not read.
     *
     * @param  list<StudentBrief>  $rows
     * @param  list<string>  $unread
     */
    private static function returned(array $rows, array $unread): ?self
    {
        foreach ($rows as $row) {
            if ($row->returned !== null && self::isNew(route('attempts.return', $row->returned), $unread)) {
                return new self(
                    'Came back',
                    $row->brief->title,
                    'Your attempt '.$row->returned->number.' is back with its critique: what to keep, what to try, '.
                        'and the setting to change first.',
                    route('attempts.return', $row->returned),
                    'Read the return',
                    self::frame($row),
                );
            }
        }

        return null;
    }

    /** @param  list<StudentBrief>  $rows */
    private static function inHand(array $rows, Course $course): ?self
    {
        foreach ($rows as $row) {
            if ($row->last?->state === AttemptState::Draft && $row->frame() !== null && $row->mayBegin($course)) {
                return new self(
                    'Begun',
                    $row->brief->title,
                    'You have begun attempt '.$row->last->number.' and not handed it in. '.ucfirst($row->when($course)).
                        ($row->when($course) === '' ? '' : '.'),
                    route('set-briefs.show', $row->brief->setBrief),
                    'Go on with it',
                    self::frame($row),
                );
            }
        }

        return null;
    }

    /**
     * Before the first frame of all the camera is set up.
     *
     * @param  list<StudentBrief>  $rows
     */
    private static function camera(User $student, array $rows, Course $course): ?self
    {
        $hasBegun = array_filter($rows, fn (StudentBrief $row): bool => $row->last !== null) !== [];

        return $hasBegun || ($student->first_settings ?? []) !== [] || $course->archived_at !== null
            ? null
            : new self(
                'To begin with',
                'Set up your camera',
                'A list to go through once, with the camera in your hand: five minutes, and nothing is decided behind '.
                    'your back any more.',
                route('first-settings'),
                'Go through the list',
                '/examples/first-settings-meets-1.jpg',
            );
    }

    /**
     * The brief that is due first of those that wait.
     *
     * @param  list<StudentBrief>  $rows
     */
    private static function brief(array $rows, Course $course): ?self
    {
        $open = array_values(
            array_filter($rows, fn (StudentBrief $row): bool => $row->last === null && $row->mayBegin($course)),
        );
        usort($open, fn (StudentBrief $a, StudentBrief $b): int => [
            $a->brief->dates->dueAt === null,
            $a->brief->dates->dueAt,
        ] <=> [$b->brief->dates->dueAt === null, $b->brief->dates->dueAt]);
        $row = $open[0] ?? null;
        $set = $row === null ? null : SetBrief::query()->find($row->brief->setBrief);
        if ($row === null || $set === null) {
            return null;
        }

        return new self(
            $row->when($course) === '' ? 'Next' : ucfirst($row->when($course)),
            $row->brief->title,
            $set->content()->words->purpose,
            route('set-briefs.show', $set),
            'Begin',
            BriefExamples::picture($set->content()),
        );
    }

    /** @param  list<StudentBrief>  $rows */
    private static function reshoot(array $rows, Course $course): ?self
    {
        foreach (array_reverse($rows) as $row) {
            if ($row->last?->state === AttemptState::Returned && $row->mayBegin($course)) {
                return new self(
                    'Once more',
                    $row->brief->title,
                    'The return named a setting to change first. Taken again, you see what it does.',
                    route('attempts.return', $row->last).'#reply',
                    'Plan the reshoot',
                    self::frame($row),
                );
            }
        }

        return null;
    }

    private static function practice(Course $course): self
    {
        return new self(
            $course->archived_at === null ? 'Nothing is due' : 'The course is over',
            'Practise',
            'Five drills a day, on scenes whose light is known. What you missed comes back.',
            route('drills'),
            'To the drills',
            '/scenes/lanterns.jpg',
        );
    }

    /** @param  list<string>  $unread */
    public static function isNew(string $url, array $unread): bool
    {
        return in_array((string) parse_url($url, PHP_URL_PATH), $unread, true);
    }

    private static function frame(StudentBrief $row): ?string
    {
        return $row->frame() === null ? null : route('frames.picture', $row->frame());
    }
}
