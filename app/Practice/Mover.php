<?php

declare(strict_types=1);

namespace App\Practice;

/** The pictures of what crosses a scene, as they were cut out of the middle of its plate. */
final readonly class Mover
{
    /**
     * @param  array{float, float, float, float}  $cut  the part of the plate: left, top, right, bottom
     * @param  array{x: float, y: float}  $point  of the plate, where it is focused on: its head
     * @param  array{float, float}  $reach  how far it is focused on about that point, in fractions of the plate
     * @param  string  $name  "the rider"
     */
    public function __construct(
        public array $cut,
        public array $point,
        public array $reach,
        public string $name,
    ) {
    }

    /** @param  array<string, mixed>  $data */
    public static function of(array $data): self
    {
        return new self(
            $data['cut'],
            ['x' => $data['point'][0], 'y' => $data['point'][1]],
            $data['reach'],
            $data['name'],
        );
    }
}
