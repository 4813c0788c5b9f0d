<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a person has beside a password.
 *
 * @property int $id
 * @property int $user_id
 * @property string $secret  in base 32
 * @property ?Carbon $confirmed_at  null until a first code was right
 * @property int $last_step  of the last code that counted
 * @property list<string> $recovery  sums of codes that count once
 */
final class SecondFactor extends Model
{
    protected $table = 'second_factors';

    protected $fillable = ['user_id', 'secret', 'confirmed_at', 'last_step', 'recovery'];

    protected $hidden = ['secret', 'recovery'];

    protected $attributes = ['last_step' => 0, 'recovery' => '[]', 'confirmed_at' => null];

    protected function casts(): array
    {
        return [
            'secret' => 'encrypted',
            'confirmed_at' => 'datetime',
            'last_step' => 'integer',
            'recovery' => 'array',
        ];
    }
}
