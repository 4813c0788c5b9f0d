<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was set on the practice camera for a file that it made, by the file's content.
 *
 * @property string $hash
 * @property array<string, mixed> $shot
 */
final class PracticeShot extends Model
{
    protected $table = 'practice_shots';

    protected $fillable = ['hash', 'shot'];

    protected function casts(): array
    {
        return ['shot' => 'array'];
    }
}
