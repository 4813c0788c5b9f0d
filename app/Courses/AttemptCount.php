<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use Illuminate\Support\Carbon;
use stdClass;

/** How many attempts at a brief are in which state. */
final readonly class AttemptCount
{
    /**
     * @param  int  $handedIn  students who have handed in at least once
     * @param  int  $returned  attempts whose critique is published
     * @param  ?Carbon  $oldest  when the one who has waited longest handed in
     */
    public function __construct(
        public int $handedIn = 0,
        public int $drafts = 0,
        public int $waiting = 0,
        public int $atDesk = 0,
        public int $returned = 0,
        public ?Carbon $oldest = null,
    ) {
    }

    /** @param  list<stdClass>  $groups  of one brief: number, state, count and oldest, the earliest hand-in */
    public static function of(array $groups): self
    {
        $in = fn (AttemptState $state): array => array_filter(
            $groups,
            fn (stdClass $group): bool => $group->state === $state->value,
        );
        $count = fn (array $some): int => array_sum(array_map(intval(...), array_column($some, 'count')));
        $oldest = array_filter(array_column($in(AttemptState::Waiting), 'oldest'));

        return new self(
            // Whoever has handed in at all has a first attempt that is no draft.
            handedIn: $count(
                array_filter(
                    $groups,
                    fn (stdClass $group): bool => (int) $group->number === 1
                        && $group->state !== AttemptState::Draft->value,
                ),
            ),
            drafts: $count($in(AttemptState::Draft)),
            waiting: $count($in(AttemptState::Waiting)),
            atDesk: $count($in(AttemptState::AtDesk)),
            returned: $count($in(AttemptState::Returned)),
            oldest: $oldest === [] ? null : Carbon::parse(min($oldest), 'UTC'),
        );
    }
}
