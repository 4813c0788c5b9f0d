<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** The step of a camera's dials. */
enum StopIncrement: int
{
    case Third = 3;
    case Half = 2;

    public function perStop(): int
    {
        return $this->value;
    }
}
