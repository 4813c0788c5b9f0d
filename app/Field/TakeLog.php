<?php

declare(strict_types=1);

namespace App\Field;

use App\Models\FilmRoll;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes a log from a file into a roll: as notes of now, so that what stood there before can still be read. */
final class TakeLog
{
    /**
     * @param  array<array-key, array<string, string>>  $log  texts by frame and field
     * @return int how many fields changed
     */
    public static function handle(FilmRoll $roll, array $log): int
    {
        $standing = $roll->notebook()->values();
        $now = (int) Carbon::now()->getPreciseTimestamp(3);
        $notes = [];
        foreach ($log as $number => $texts) {
            foreach ($texts as $field => $value) {
                if (($standing[$number][$field] ?? '') !== $value) {
                    $notes[] = [
                        'id' => (string) Str::uuid(),
                        'entry' => (string) $number,
                        'field' => $field,
                        'value' => $value,
                        'at' => $now,
                    ];
                }
            }
        }
        $taken = DB::transaction(fn (): array => KeepFieldNotes::handle($roll, $notes));
        $roll->unsetRelation('fieldNotes');

        return count($taken['kept']);
    }
}
