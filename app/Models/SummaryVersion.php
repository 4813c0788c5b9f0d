<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The message of a critique as it was at a time.
 *
 * @property int $id
 * @property int $attempt_id
 * @property ?int $user_id  whoever wrote it; null once that account is gone
 * @property string $page  the page that it was written on
 * @property int $revision
 * @property string $text
 * @property bool $is_late  whether somebody else had published when it came
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property ?User $user
 */
final class SummaryVersion extends Model
{
    protected $table = 'summary_versions';

    protected $fillable = ['attempt_id', 'user_id', 'page', 'revision', 'text', 'is_late'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function writer(): string
    {
        return $this->user->name ?? 'Somebody whose account is gone';
    }

    protected function casts(): array
    {
        return ['is_late' => 'boolean', 'revision' => 'integer'];
    }
}
