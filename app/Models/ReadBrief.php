<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A brief of the library that was read in from a pack.
 *
 * @property string $id
 * @property array<mixed> $brief  as a brief file has it
 */
final class ReadBrief extends Model
{
    protected $table = 'read_briefs';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['brief' => 'array'];
    }
}
