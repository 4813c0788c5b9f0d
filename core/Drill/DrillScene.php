<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

/** What a drill needs to know of a scene. */
final readonly class DrillScene
{
    /**
     * @param  float  $ev100  light as the scene pattern reads it
     * @param  array<string, float>  $places  EV at ISO 100 of spots, by what lies there
     * @param  bool  $moves  whether something in it moves
     */
    public function __construct(
        public string $id,
        public string $title,
        public float $ev100,
        public array $places,
        public bool $moves,
    ) {
    }
}
