<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * An instructor's own wording, learned from what was written before: for a finding the last that was kept, for notes
 * those that are used most.
 */
final class PhraseBank
{
    private const NOTES = 12;

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

    /** @return list<string> own notes, the most used first */
    public static function notes(User $user): array
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
