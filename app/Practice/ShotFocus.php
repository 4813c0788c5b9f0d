<?php

declare(strict_types=1);

namespace App\Practice;

/** Where a person focuses. */
final readonly class ShotFocus
{
    /**
     * @param  ?float  $distance  m; null focuses at the middle of the frame
     * @param  array{x: float, y: float}  $point  of the frame, where it focuses and where a spot is read
     */
    public function __construct(public ?float $distance = null, public array $point = ['x' => 0.5, 'y' => 0.5])
    {
    }
}
