<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One revision of a brief that an instructor composed or read in from a pack.
 *
 * @property int $id
 * @property int $user_id
 * @property string $brief_id
 * @property int $revision
 * @property array<mixed> $brief
 * @property User $user
 */
final class OwnBrief extends Model
{
    protected $table = 'own_briefs';

    protected $fillable = ['user_id', 'brief_id', 'revision', 'brief'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['brief' => 'array', 'revision' => 'integer'];
    }
}
