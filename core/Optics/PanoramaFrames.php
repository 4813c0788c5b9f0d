<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/** How many frames side by side cover a view: each one after the first adds what does not overlap. */
final readonly class PanoramaFrames
{
    private function __construct(
        public int $frames,
        /** Degrees to turn from one to the next. */
        public float $turn,
    ) {
    }

    /**
     * @param  float  $view  degrees to be covered, up to 360
     * @param  float  $field  degrees that one frame sees that way
     * @param  float  $overlap  share of a frame, 0 to 0.9
     *
     * @throws InvalidOptics
     */
    public static function of(float $view, float $field, float $overlap = 0.3): self
    {
        InvalidOptics::unlessPositive('view', $view, '°');
        InvalidOptics::unlessPositive('angle of a frame', $field, '°');
        $turn = $field * (1 - max(0.0, min(0.9, $overlap)));
        // All the way round there is neither a first nor a last.
        $frames = $view >= 360.0 ? ceil(360 / $turn - 1e-9) : 1 + ceil(max(0.0, $view - $field) / $turn - 1e-9);

        return new self((int) $frames, $turn);
    }
}
