<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\MarkMeasures;

/** What follows from what a person drew on a frame beside its subject, and from what was found in it. */
final readonly class Claims
{
    public function __construct(
        /** Null where nothing was drawn. */
        public ?MarkMeasures $marks = null,
        /** Null where nothing was found. */
        public ?PeopleMeasures $people = null,
    ) {
    }
}
