<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A stored picture file, known by its content.
 *
 * @property int $id
 * @property string $hash
 * @property int $bytes
 * @property string $mime
 * @property ?string $source_hash  of the file as it came, where its location was taken out
 * @property ?PracticeShot $practiceShot
 */
final class Picture extends Model
{
    protected $table = 'pictures';

    protected $fillable = ['hash', 'bytes', 'mime', 'source_hash'];

    /** @return HasMany<Frame, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(Frame::class);
    }

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
