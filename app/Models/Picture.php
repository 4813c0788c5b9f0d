<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A stored picture file, known by its content.
 *
 * @property int $id
 * @property string $hash
 * @property int $bytes
 * @property string $mime
 */
final class Picture extends Model
{
    protected $fillable = ['hash', 'bytes', 'mime'];
}
