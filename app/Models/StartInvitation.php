<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * That somebody may start one course.
 *
 * @property int $id
 * @property Carbon $ends_at
 * @property ?Carbon $used_at
 */
final class StartInvitation extends Model
{
    protected $table = 'start_invitations';

    protected $fillable = ['ends_at', 'used_at'];

    /** @return Builder<self> */
    public static function open(): Builder
    {
        return self::query()->whereNull('used_at')->where('ends_at', '>', now());
    }

    /** @return bool false where somebody else was quicker */
    public function take(): bool
    {
        return self::open()->whereKey($this->id)->update(['used_at' => now()]) === 1;
    }

    protected function casts(): array
    {
        return ['ends_at' => 'datetime', 'used_at' => 'datetime'];
    }
}
