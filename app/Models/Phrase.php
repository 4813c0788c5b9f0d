<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use TruePupil\Core\Findings\Topic;

/**
 * A sentence that somebody keeps to say it again.
 *
 * @property int $id
 * @property int $user_id
 * @property ?Topic $topic  null: about anything
 * @property string $body
 * @property bool $is_pinned  whether it is offered before all others
 */
final class Phrase extends Model
{
    /** Characters at most. */
    public const LONGEST = 500;

    protected $table = 'phrases';

    protected $fillable = ['user_id', 'topic', 'body', 'is_pinned'];

    protected $attributes = ['topic' => null, 'is_pinned' => false];

    protected function casts(): array
    {
        return ['topic' => Topic::class, 'is_pinned' => 'boolean'];
    }
}
