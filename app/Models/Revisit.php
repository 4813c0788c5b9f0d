<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Plan\PlaceFields;
use TruePupil\Core\Revisit\Wish;
use TruePupil\Core\Revisit\WishFormat;
use TruePupil\Core\Sky\Location;

/**
 * A picture that its student wants to go back for, and what that takes.
 *
 * @property int $id
 * @property int $user_id
 * @property int $frame_id
 * @property array<string, string> $wish  as typed
 * @property ?int $again_frame_id  the frame that came of it
 * @property Frame $frame
 * @property ?Frame $again
 */
final class Revisit extends Model
{
    protected $table = 'revisits';

    protected $fillable = ['user_id', 'frame_id', 'wish', 'again_frame_id'];

    protected $attributes = ['again_frame_id' => null];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<Frame, $this> */
    public function again(): BelongsTo
    {
        return $this->belongsTo(Frame::class, 'again_frame_id');
    }

    public function content(DateTimeZone $timezone): Wish
    {
        return WishFormat::read(Fields::of($this->wish), $timezone);
    }

    public function place(): ?Location
    {
        return PlaceFields::read(Fields::of($this->wish));
    }

    protected function casts(): array
    {
        return ['wish' => 'array'];
    }
}
