<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** How a flash of the kit is used. */
final readonly class SuggestedFlash
{
    /**
     * @param  ?float  $fillStops  stops under what the surroundings get; null: it is the main light
     * @param  float  $power  share of its full light that is needed
     * @param  bool  $isBounced  from the ceiling, or a wall
     * @param  bool  $isHighSpeed  with a time shorter than the sync time
     */
    public function __construct(
        public ?float $fillStops,
        public float $power,
        public bool $isBounced = false,
        public bool $isHighSpeed = false,
    ) {
    }

    /** @return array{fill: float|'main', power: float, bounced: bool, highSpeed: bool} */
    public function toArray(): array
    {
        return [
            'fill' => $this->fillStops ?? 'main',
            'power' => $this->power,
            'bounced' => $this->isBounced,
            'highSpeed' => $this->isHighSpeed,
        ];
    }
}
