<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\QueueOrder;
use App\Courses\WaitingAttempt;
use App\Models\Course;
use Illuminate\Support\Carbon;

/** What waits at the desk in groups: each brief's, each student's, or all in one. */
final readonly class WaitingSheet
{
    /** @param  list<array{title: string, note: string, attempts: list<WaitingAttempt>}>  $groups */
    private function __construct(public array $groups)
    {
    }

    /** @param  list<WaitingAttempt>  $attempts  in that order */
    public static function of(array $attempts, QueueOrder $order, Course $course): self
    {
        $groups = [];
        foreach ($attempts as $one) {
            $key = match ($order) {
                QueueOrder::Brief => (string) $one->brief->setBrief,
                QueueOrder::Student => $one->student,
                QueueOrder::Wait => '',
            };
            $groups[$key][] = $one;
        }

        return new self(
            array_map(
                fn (array $group): array => [
                    'title' => match ($order) {
                        QueueOrder::Brief => $group[0]->brief->title,
                        QueueOrder::Student => $group[0]->student,
                        QueueOrder::Wait => '',
                    },
                    'note' => $order === QueueOrder::Brief ? self::note($group, $course) : '',
                    'attempts' => $group,
                ],
                array_values($groups),
            ),
        );
    }

    /** @param  non-empty-list<WaitingAttempt>  $group */
    private static function note(array $group, Course $course): string
    {
        $brief = $group[0]->brief;
        $most = WaitingAttempt::mostMissed($group);

        return implode(' · ', array_filter([
            $brief->dates->dueAt === null ? null : self::due($brief->dates->dueAt, $course),
            $brief->attempts->waiting + $brief->attempts->atDesk.' waiting',
            $most === null
                ? null
                : sprintf('missed by %d of these %d: %s', $most['missed'], $most['of'], lcfirst($most['sentence'])),
        ]));
    }

    private static function due(Carbon $due, Course $course): string
    {
        return ($due->isPast() ? 'was due ' : 'due ').$course->formatDay($due);
    }
}
