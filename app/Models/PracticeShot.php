<?php

declare(strict_types=1);

namespace App\Models;

use App\Practice\Shot;
use App\Practice\ShotNote;
use Illuminate\Database\Eloquent\Model;

/**
 * What was set on the practice camera for a file that it made, by the file's content.
 *
 * @property string $hash
 * @property array<string, mixed> $shot
 */
final class PracticeShot extends Model
{
    protected $fillable = ['hash', 'shot'];

    public static function remember(string $path, Shot $shot): void
    {
        self::query()->createOrFirst(
            ['hash' => (string) hash_file('sha256', $path)],
            ['shot' => ShotNote::write($shot)],
        );
    }

    protected function casts(): array
    {
        return ['shot' => 'array'];
    }
}
