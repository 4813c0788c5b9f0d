<?php

declare(strict_types=1);

namespace App\Field;

use App\Models\FieldNote;
use App\Models\FieldNotebook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Takes in notes that were written on a device, however late they come and however often they are sent. */
final class KeepFieldNotes
{
    /** What one notebook holds; more is nobody's day. */
    public const MOST = 5000;

    /**
     * @param  list<array{id: string, entry: string, field: string, value: string, at: int}>  $notes
     * @return array{kept: list<string>, refused: array<string, string>} ids; why not, by id
     */
    public static function handle(FieldNotebook $notebook, array $notes): array
    {
        [$kept, $refused] = [[], []];
        $count = $notebook->fieldNotes()->count();
        $now = (int) Carbon::now()->getPreciseTimestamp(3);
        $known = FieldNote::query()->whereIn('uuid', array_column($notes, 'id'))->pluck('id', 'uuid')->all();
        foreach ($notes as $note) {
            if (! Str::isUuid($note['id']) || ! $notebook->takes($note['entry'], $note['field'])) {
                $refused[$note['id']] = 'There is no such line.';

                continue;
            }
            if ($count >= self::MOST) {
                $refused[$note['id']] = sprintf('More than %d notes are not taken for one sheet.', self::MOST);

                continue;
            }
            // A note that is here already stays as it came first, whoever sends its number again.
            if (! isset($known[$note['id']])) {
                // A clock that runs ahead would win over everything that is written after it.
                $notebook->fieldNotes()->create([
                    'uuid' => $note['id'],
                    'entry' => $note['entry'],
                    'field' => $note['field'],
                    'value' => Str::limit(trim($note['value']), 500, ''),
                    'noted_at' => max(0, min($note['at'], $now)),
                ]);
                $known[$note['id']] = true;
                $count++;
            }
            $kept[] = $note['id'];
        }

        if ($kept !== []) {
            $notebook->touch();
        }

        return ['kept' => $kept, 'refused' => $refused];
    }
}
