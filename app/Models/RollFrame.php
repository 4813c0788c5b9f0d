<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;

/**
 * A frame on somebody's roll: taken with the practice camera and not handed in yet.
 *
 * @phpstan-type Result array{
 *     n: float,
 *     t: float,
 *     iso: float,
 *     ev100: float,
 *     compensation: float,
 *     filter: float,
 *     focus: float,
 *     focal: float,
 *     mode: string,
 * }
 *
 * @property int $id
 * @property int $user_id
 * @property string $token
 * @property string $scene
 * @property array<string, string> $settings
 * @property ?Result $result
 * @property RollState $state
 * @property ?string $problem
 * @property ?\Illuminate\Support\Carbon $deleted_at  when it was removed; it can be brought back for a while
 * @property \Illuminate\Support\Carbon $taken_at
 * @property User $user
 */
final class RollFrame extends Model
{
    use SoftDeletes;

    /** Hours that a frame which was removed can be brought back. */
    public const KEPT_HOURS = 24;

    protected $table = 'roll_frames';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** What the camera was set to write. */
    public function quality(): ShotQuality
    {
        return ShotQuality::tryFrom($this->settings['quality'] ?? '') ?? ShotQuality::Jpeg;
    }

    /** As a camera would number it: the file that is handed in. */
    public function fileName(): string
    {
        return $this->nameOf($this->quality()->hasRaw());
    }

    /** Of the JPEG or of the raw file. */
    public function nameOf(bool $isRaw): string
    {
        return sprintf('%s_%04d.%s', ucfirst($this->scene), $this->id % 10000, $isRaw ? 'dng' : 'jpg');
    }

    public function exposure(): ?ExposureSettings
    {
        return $this->result === null
            ? null
            : new ExposureSettings(
                Aperture::of($this->result['n']),
                ExposureTime::of($this->result['t']),
                Iso::of($this->result['iso']),
            );
    }

    /** What the metered light comes to with these settings: the meter's mark, line by line. */
    public function ledger(): ?LightLedger
    {
        $settings = $this->exposure();

        return $settings === null || $this->result === null
            ? null
            : LightLedger::of(
                Ev100::of($this->result['ev100']),
                $settings,
                Stops::none(),
                Stops::of($this->result['compensation']),
                Stops::of($this->result['filter']),
            );
    }

    protected function casts(): array
    {
        return ['settings' => 'array', 'result' => 'array', 'state' => RollState::class, 'taken_at' => 'datetime'];
    }
}
