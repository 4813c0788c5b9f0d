<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

use TruePupil\Core\Composition\Region;

/** A person as found in a picture: where, and those joints that are surely there. Fractions of the displayed frame. */
final readonly class SeenBody
{
    /** @param  array<string, array{float, float}>  $joints  across and down, by the value of Joint */
    public function __construct(public Region $box, public array $joints)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'box' => $this->box->toArray(),
            'joints' => array_map(fn (array $at): array => ['x' => $at[0], 'y' => $at[1]], $this->joints),
        ];
    }
}
