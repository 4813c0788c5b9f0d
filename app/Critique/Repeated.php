<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\SetBrief;
use App\Models\User;

/** A wording that somebody has given to the same finding three times in one brief, and who else has that finding. */
final readonly class Repeated
{
    public const TIMES = 3;

    /** @param  non-empty-list<int>  $findings  of others, that nobody has decided on */
    private function __construct(public string $wording, public string $rule, public int $said, public array $findings)
    {
    }

    /** @return list<self> the most said first */
    public static function of(SetBrief $setBrief, User $user): array
    {
        $all = FrameFinding::query()
            ->whereIn('frame_id', Frame::query()
                ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
                ->where('attempts.set_brief_id', $setBrief->id)
                ->whereIn('attempts.state', [
                    AttemptState::Waiting, AttemptState::AtDesk, AttemptState::Returned,
                ])
                ->select('frames.id'))
            ->where('current', true)
            ->with('frame.attempt')
            ->get(['id', 'frame_id', 'rule_id', 'decision', 'decided_by', 'wording']);
        $repeated = [];
        $reworded = $all->where('decision', Decision::Reworded)->where('decided_by', $user->id);
        foreach ($reworded->groupBy('rule_id') as $own) {
            foreach ($own->groupBy('wording') as $wording => $same) {
                $rule = (string) $same->firstOrFail()->rule_id;
                $open = $all
                    ->where('rule_id', $rule)
                    ->where('decision', Decision::Open)
                    ->reject(fn (FrameFinding $one): bool => $one->frame->attempt->state === AttemptState::Returned)
                    ->map(fn (FrameFinding $one): int => $one->id)
                    ->all();
                if ($same->count() >= self::TIMES && $open !== []) {
                    $repeated[] = new self((string) $wording, $rule, $same->count(), array_values($open));
                }
            }
        }
        usort($repeated, fn (self $a, self $b): int => $b->said <=> $a->said);

        return $repeated;
    }
}
