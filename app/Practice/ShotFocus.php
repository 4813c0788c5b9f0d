<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Kit\FocusMode;

/** Where a person focuses, and how. */
final readonly class ShotFocus
{
    /**
     * @param  ?float  $distance  m; null focuses at the point
     * @param  array{x: float, y: float}  $point  of the frame, where it focuses and where a spot is read
     * @param  ?FocusMode  $mode  null where nobody said
     * @param  bool  $tracks  the point goes with what crosses the scene, in continuous focus
     */
    public function __construct(
        public ?float $distance = null,
        public array $point = ['x' => 0.5, 'y' => 0.5],
        public ?FocusMode $mode = null,
        public bool $tracks = false,
    ) {
    }
}
