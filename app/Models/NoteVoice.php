<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was spoken with a note.
 *
 * @property int $note_id
 * @property string $mime
 * @property int $seconds
 * @property int $bytes
 * @property string $data  as the browser recorded it
 */
final class NoteVoice extends Model
{
    public const MOST_SECONDS = 120;

    public const MOST_BYTES = 3_000_000;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'note_voices';

    protected $primaryKey = 'note_id';

    protected $fillable = ['note_id', 'mime', 'seconds', 'bytes', 'data'];

    /** What browsers record, known by how it begins; null for anything else. */
    public static function mimeOf(string $data): ?string
    {
        return match (true) {
            str_starts_with($data, "\x1A\x45\xDF\xA3") => 'audio/webm',
            str_starts_with($data, 'OggS') => 'audio/ogg',
            substr($data, 4, 4) === 'ftyp' => 'audio/mp4',
            default => null,
        };
    }
}
