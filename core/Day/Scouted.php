<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

/** One line of the scouting list. */
final readonly class Scouted
{
    public function __construct(public string $id, public ScoutKind $kind, public string $text)
    {
    }
}
