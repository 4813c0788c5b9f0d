<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use TruePupil\Core\Drill\DrillKind;

/**
 * One drill answered: the evidence behind a skill.
 *
 * @property int $user_id
 * @property DrillKind $kind
 * @property int $level
 * @property int $seed
 * @property string $scene
 * @property string $answer
 * @property bool $is_right
 */
final class DrillAnswer extends Model
{
    protected $table = 'drill_answers';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => DrillKind::class, 'is_right' => 'boolean'];
    }
}
