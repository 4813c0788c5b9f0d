<?php

declare(strict_types=1);

namespace App\Practice;

/** Something in a scene that a frame can be aimed and focused at. */
final readonly class FocusPoint
{
    /**
     * @param  array{float, float}  $at  fractions of the plate
     * @param  ?array{float, float, float, float}  $region  left, top, width and height of it, fractions of the plate
     */
    public function __construct(public string $id, public string $title, public array $at, public ?array $region)
    {
    }
}
