<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use TruePupil\Core\Drill\DrillKind;

/**
 * A question that was missed, and when it comes back.
 *
 * @property int $user_id
 * @property DrillKind $kind
 * @property int $level
 * @property int $seed
 * @property string $scene
 * @property int $box
 * @property Carbon $due_at
 */
final class DrillReturn extends Model
{
    protected $table = 'drill_returns';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => DrillKind::class, 'due_at' => 'datetime'];
    }
}
