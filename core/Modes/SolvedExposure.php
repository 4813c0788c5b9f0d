<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Stops;

/** What the camera chose, who decided each value, and what stood in the way. */
final readonly class SolvedExposure
{
    /**
     * @param  Stops  $error  what remains after every limit; positive is too bright; compensation counts as wanted
     * @param  array{fNumber: Decider, exposureTime: Decider, iso: Decider}  $decidedBy
     * @param  list<LimitMet>  $limits  in the order they were met
     */
    public function __construct(
        public ExposureSettings $settings,
        public Stops $error,
        public array $decidedBy,
        public array $limits,
    ) {
    }
}
