<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

/** A picture that is meant to be taken on the day. */
final readonly class Shot
{
    /**
     * @param  int  $minutes  that it takes
     * @param  ?int  $at  minute of the day at which it has to be taken; null: whenever its turn comes
     * @param  ?float  $bearing  where the camera points, degrees from north through east
     * @param  string  $settings  to take it with
     * @param  string  $safe  settings that are sure to give something, taken first where those above are a risk
     */
    public function __construct(
        public string $id,
        public ShotKind $kind,
        public string $title,
        public int $minutes,
        public ?int $at = null,
        public ?float $bearing = null,
        public string $settings = '',
        public string $safe = '',
    ) {
    }
}
