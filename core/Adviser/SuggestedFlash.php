<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Kit\FlashPlace;

/** How a flash of the kit is used. */
final readonly class SuggestedFlash
{
    /**
     * @param  ?float  $fillStops  stops under what the surroundings get; null: it is the main light
     * @param  float  $power  share of its full light that is needed
     * @param  bool  $isBounced  from the ceiling, or a wall
     * @param  bool  $isHighSpeed  with a time shorter than the sync time
     * @param  ?FlashPlace  $place  where it is set up; null: on the camera
     */
    public function __construct(
        public ?float $fillStops,
        public float $power,
        public bool $isBounced = false,
        public bool $isHighSpeed = false,
        public ?FlashPlace $place = null,
    ) {
    }

    /**
     * @return array{
     *     fill: float|'main',
     *     power: float,
     *     bounced: bool,
     *     highSpeed: bool,
     *     place?: array{distance: float, side: float, height: float},
     * }
     */
    public function toArray(): array
    {
        return [
            'fill' => $this->fillStops ?? 'main',
            'power' => $this->power,
            'bounced' => $this->isBounced,
            'highSpeed' => $this->isHighSpeed,
            ...$this->place === null ? [] : ['place' => [
                'distance' => $this->place->distance,
                'side' => $this->place->side,
                'height' => $this->place->height,
            ]],
        ];
    }
}
