<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\FocusMode;

/** How the camera was set apart from the exposure. */
final readonly class RecordedHandling
{
    /**
     * @param  ?string  $whiteBalance  "auto" or "set"
     * @param  ?float  $focusDistance  m
     * @param  ?bool  $stabiliser  switched on
     * @param  ?bool  $silent  the electronic shutter was in use
     * @param  ?int  $kelvin  colour temperature that the picture was balanced for
     * @param  ?FocusPoint  $focusPoint  in the picture as it is shown
     */
    public function __construct(
        public ?string $whiteBalance = null,
        public ?FocusMode $focusMode = null,
        public ?float $focusDistance = null,
        public ?DriveMode $drive = null,
        public ?bool $stabiliser = null,
        public ?bool $silent = null,
        public ?int $kelvin = null,
        public ?FocusPoint $focusPoint = null,
        public RecordedProcessing $processing = new RecordedProcessing(),
    ) {
    }
}
