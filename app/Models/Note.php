<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use TruePupil\Core\Composition\Pointing;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Panel\PanelNote;
use TruePupil\Core\Stored\PointingCodec;
use TruePupil\Core\Stored\RegionCodec;

/**
 * A remark by the instructor or a guest critic.
 *
 * @property int $id
 * @property ?int $author_id  null: whoever wrote it has left
 * @property NoteKind $kind
 * @property ?string $fixed
 * @property string $body
 * @property ?Topic $topic
 * @property ?Region $region  where on the frame
 * @property ?Pointing $pointing  what was drawn there
 * @property ?Carbon $given_at  null while a guest critic keeps it back
 * @property ?NoteVoice $voice
 * @property Frame $frame
 * @property User $author
 */
final class Note extends Model
{
    protected $table = 'notes';

    protected $fillable = [
        'frame_id',
        'author_id',
        'kind',
        'topic',
        'region',
        'pointing',
        'fixed',
        'body',
        'token',
        'given_at',
    ];

    protected $attributes = ['pointing' => null];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class)->withDefault(['name' => 'somebody who has left']);
    }

    /** @return HasOne<NoteVoice, $this> without the recording itself */
    public function voice(): HasOne
    {
        return $this->hasOne(NoteVoice::class)->select(['note_id', 'mime', 'seconds', 'bytes']);
    }

    /** As the panel compares it with others. */
    public function forPanel(): PanelNote
    {
        return new PanelNote(
            $this->id,
            // Two who have left are two people.
            $this->author_id ?? -$this->id,
            $this->author->name,
            $this->kind === NoteKind::Keep,
            $this->topic?->value,
            $this->region,
        );
    }

    protected function casts(): array
    {
        return [
            'kind' => NoteKind::class,
            'topic' => Topic::class,
            'region' => Stored::class.':'.RegionCodec::class,
            'pointing' => Stored::class.':'.PointingCodec::class,
            'given_at' => 'datetime',
        ];
    }
}
