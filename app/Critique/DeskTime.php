<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * How long somebody has had an attempt before them, and what the rest of the evening will take at that pace. Only that
 * person is told.
 */
final readonly class DeskTime
{
    /** Attempts that a pace is taken from, the latest; fewer than the least say nothing. */
    private const PACE_OF = 20;

    private const LEAST = 3;

    /** @param  ?int  $left  seconds for all that still waits; null where there is no pace yet */
    private function __construct(public int $here, public ?int $left)
    {
    }

    /** Adds the time since the last sign, where the desk was before them all the while. */
    public static function sign(Attempt $attempt, User $user, int $waiting): self
    {
        $key = ['user_id' => $user->id, 'attempt_id' => $attempt->id];
        $row = DB::table('desk_times')->where($key)->first();
        $since = $row === null ? 0 : (int) Carbon::parse($row->signed_at, 'UTC')->diffInSeconds(now());
        $isThere = $since <= DeskPresence::GONE;
        $seconds = (int) ($row->seconds ?? 0) + ($isThere ? $since : 0);
        DB::table('desk_times')->updateOrInsert($key, ['seconds' => $seconds, 'signed_at' => now()]);

        return new self($seconds, self::left($attempt, $user, $waiting));
    }

    /** "3 min at this one; the other 12 take about 40 min"; empty before there is anything to say. */
    public function words(int $others): string
    {
        $minutes = fn (int $seconds): string => max(1, (int) round($seconds / 60)).' min';
        $parts = [
            ...$this->here < 60 ? [] : [$minutes($this->here).' at this one'],
            ...$this->left === null || $others < 1 ? [] : [sprintf(
                '%s about %s at your pace',
                $others === 1 ? 'the one that waits takes' : 'the '.$others.' that wait take',
                $minutes($this->left),
            )],
        ];

        return implode('; ', $parts);
    }

    private static function left(Attempt $attempt, User $user, int $waiting): ?int
    {
        $taken = DB::table('desk_times')
            ->join('attempts', 'attempts.id', '=', 'desk_times.attempt_id')
            ->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
            ->where('desk_times.user_id', $user->id)
            ->where('set_briefs.course_id', $attempt->setBrief->course_id)
            ->where('attempts.state', AttemptState::Returned->value)
            ->where('desk_times.seconds', '>', 0)
            ->orderByDesc('desk_times.signed_at')
            ->limit(self::PACE_OF)
            ->pluck('seconds')
            ->map(fn (mixed $seconds): int => (int) $seconds);

        // The middle one: a telephone call during one of them does not count.
        return $taken->count() < self::LEAST ? null : (int) round((float) $taken->median() * $waiting);
    }
}
