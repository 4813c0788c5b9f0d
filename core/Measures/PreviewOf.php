<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Exposure\Stops;

/** That a picture is the preview of a camera raw file, and what the file itself holds where it can be read. */
final readonly class PreviewOf
{
    public function __construct(public ?RawMeasures $raw = null)
    {
    }

    /** Of the same scene with so many stops more light. */
    public function brightened(Stops $stops): self
    {
        return new self($this->raw?->brightened($stops));
    }
}
