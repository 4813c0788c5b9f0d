<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A remark by the instructor or a guest critic.
 *
 * @property int $id
 * @property int $author_id
 * @property NoteKind $kind
 * @property ?string $fixed
 * @property string $body
 * @property Frame $frame
 * @property User $author
 */
final class Note extends Model
{
    protected $fillable = ['frame_id', 'author_id', 'kind', 'fixed', 'body', 'token'];

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

    protected function casts(): array
    {
        return ['kind' => NoteKind::class];
    }
}
