<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\Phrase;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use TruePupil\Core\Findings\Topic;

/**
 * An instructor's own sentences: those that are kept, those that were said before, and for a finding the last wording
 * of it.
 */
final class PhraseBank
{
    private const NOTES = 12;

    /** Offered at once; the others are found by typing. */
    private const MOST = 60;

    /**
     * @param  list<string>  $rules
     * @return array<string, string> the last own wording by rule
     */
    public static function wordings(User $user, array $rules): array
    {
        return FrameFinding::query()
            ->where('decided_by', $user->id)
            ->where('decision', Decision::Reworded)
            ->whereIn('rule_id', $rules)
            ->whereNotNull('wording')
            ->orderBy('updated_at')
            ->pluck('wording', 'rule_id')
            ->all();
    }

    /**
     * What can be said of a frame: pinned sentences first, then kept ones about what was found there, then the other
     * kept ones, own wordings of findings, and notes of before.
     *
     * @param  list<Topic>  $found
     * @return list<string>
     */
    public static function offered(User $user, array $found): array
    {
        $kept = Phrase::query()
            ->where('user_id', $user->id)
            ->orderBy('body')
            ->get()
            ->sortBy(fn (Phrase $phrase): int => match (true) {
                $phrase->is_pinned => 0,
                $phrase->topic !== null && in_array($phrase->topic, $found, true) => 1,
                default => 2,
            });
        $reworded = FrameFinding::query()
            ->where('decided_by', $user->id)
            ->where('decision', Decision::Reworded)
            ->whereRaw('char_length(wording) <= 240')
            ->groupBy('wording')
            ->orderByRaw('count(*) desc, max(id) desc')
            ->limit(self::NOTES)
            ->pluck('wording');

        return array_slice(array_values(array_unique([
            ...array_map(fn (Phrase $phrase): string => $phrase->body, array_values($kept->all())),
            ...array_map(strval(...), array_values($reworded->all())),
            ...self::notes($user),
        ])), 0, self::MOST);
    }

    /** @return list<string> own notes, the most used first */
    private static function notes(User $user): array
    {
        return array_map(
            strval(...),
            array_values(
                DB::table('notes')
                    ->where('author_id', $user->id)
                    ->whereRaw('char_length(body) <= 160')
                    ->groupBy('body')
                    ->orderByRaw('count(*) desc, max(id) desc')
                    ->limit(self::NOTES)
                    ->pluck('body')
                    ->all(),
            ),
        );
    }
}
