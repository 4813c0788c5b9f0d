<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A stored picture file, known by its content.
 *
 * @property int $id
 * @property string $hash
 * @property int $bytes
 * @property string $mime
 * @property ?PracticeShot $practiceShot
 */
final class Picture extends Model
{
    protected $fillable = ['hash', 'bytes', 'mime'];

    /**
     * What was set on the practice camera, where that made the file.
     *
     * @return HasOne<PracticeShot, $this>
     */
    public function practiceShot(): HasOne
    {
        return $this->hasOne(PracticeShot::class, 'hash', 'hash');
    }
}
