<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An example that an instructor puts beside a brief of their own: a picture of theirs, or a frame whose student lets it
 * be shown. It goes with that frame, and is not shown once that is no longer allowed.
 *
 * @property int $id
 * @property int $user_id
 * @property ?string $brief_id  null until the brief is saved
 * @property bool $meets  whether it meets the brief
 * @property string $settings  as it was taken; empty where nothing says so
 * @property ?int $frame_id
 * @property ?string $data  a JPEG without metadata; null for a frame
 * @property ?Frame $frame
 */
final class BriefPicture extends Model
{
    /** Of one brief. */
    public const MOST = 6;

    protected $table = 'brief_pictures';

    protected $fillable = ['user_id', 'brief_id', 'meets', 'settings', 'frame_id', 'data'];

    protected $hidden = ['data'];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /**
     * Those that may be seen: pictures of the instructor's own, and frames that are still allowed to be shown.
     *
     * @param  Builder<self>  $query
     */
    public function scopeAllowed(Builder $query): void
    {
        $query->where(fn (Builder $either) => $either
            ->whereNull('frame_id')
            ->orWhereHas('frame.attempt', fn (Builder $attempt) => $attempt->where('may_show', true)));
    }

    protected function casts(): array
    {
        return ['meets' => 'boolean', 'user_id' => 'integer'];
    }
}
