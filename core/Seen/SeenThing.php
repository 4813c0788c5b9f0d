<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

use TruePupil\Core\Composition\Region;

/** Something other than a person, by an everyday word: "bottle", "dog", "boat". */
final readonly class SeenThing
{
    public function __construct(public string $what, public Region $box)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['what' => $this->what, 'box' => $this->box->toArray()];
    }
}
