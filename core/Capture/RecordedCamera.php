<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** The camera that a frame was taken with. */
final readonly class RecordedCamera
{
    public function __construct(public ?string $make = null, public ?string $model = null)
    {
    }
}
