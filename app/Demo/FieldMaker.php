<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\DaySheet;
use App\Models\FieldNotebook;
use App\Models\FilmRoll;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What the people of the demo wrote down on the way. */
final class FieldMaker
{
    /**
     * @param  array<string, SetBrief>  $setBriefs  by the ids of their briefs
     * @param  array<string, User>  $people  by first name
     * @param  array<mixed>  $facts
     */
    public function make(array $setBriefs, array $people, array $facts): void
    {
        foreach ($facts['sheets'] as $one) {
            $sheet = DaySheet::query()->create([
                'user_id' => $people[$one['student']]->id,
                'set_brief_id' => $setBriefs[$one['brief']]->id,
                'content' => [
                    'date' => Carbon::now()->addDays($one['inDays'])->format('Y-m-d'),
                    ...$one['sheet'],
                ],
            ]);
            $this->note($sheet, $one['notes'], Carbon::now()->addDays(min(0, $one['inDays']))->setTime(18, 0));
        }
        foreach ($facts['rolls'] as $one) {
            $loaded = Carbon::now()->subDays($one['daysAgo']);
            $roll = FilmRoll::query()->create([
                'user_id' => $people[$one['student']]->id,
                'content' => [...$one['roll'], 'loaded' => $loaded->format('Y-m-d')],
            ]);
            $this->note($roll, $one['notes'], $loaded->setTime(14, 0));
        }
    }

    /** @param  list<array{entry: string, field: string, value: string}>  $notes */
    private function note(FieldNotebook $notebook, array $notes, Carbon $from): void
    {
        foreach ($notes as $index => $note) {
            $notebook->fieldNotes()->create([
                'uuid' => (string) Str::uuid(),
                ...$note,
                'noted_at' => $from->clone()->addMinutes(7 * $index)->getTimestampMs(),
            ]);
        }
    }
}
