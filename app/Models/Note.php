<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Panel\PanelNote;

/**
 * A remark by the instructor or a guest critic.
 *
 * @property int $id
 * @property int $author_id
 * @property NoteKind $kind
 * @property ?string $fixed
 * @property string $body
 * @property ?Topic $topic
 * @property ?array{x: float, y: float, width: float, height: float} $region  where on the frame, as fractions of it
 * @property ?Carbon $given_at  null while a guest critic keeps it back
 * @property Frame $frame
 * @property User $author
 */
final class Note extends Model
{
    protected $fillable = ['frame_id', 'author_id', 'kind', 'topic', 'region', 'fixed', 'body', 'token', 'given_at'];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** As the panel compares it with others. */
    public function forPanel(): PanelNote
    {
        return new PanelNote(
            $this->id,
            $this->author->name,
            $this->kind === NoteKind::Keep,
            $this->topic?->value,
            $this->region === null
                ? null
                : Region::of($this->region['x'], $this->region['y'], $this->region['width'], $this->region['height']),
        );
    }

    protected function casts(): array
    {
        return ['kind' => NoteKind::class, 'topic' => Topic::class, 'region' => 'array', 'given_at' => 'datetime'];
    }
}
