<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Exposure\Stops;

/** Where a brief wants a subject's tone: stops from mid-grey. A brief may offer several subjects to choose from. */
final readonly class Placement
{
    public function __construct(public string $id, public string $label, public Stops $stops)
    {
    }
}
