<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Optics\InvalidOptics;

/** What the picture is of, how much of it is shown, and how large it comes to lie on the sensor. */
final readonly class IntendedSubject
{
    /**
     * @param  ?float  $magnification  1 is life size on the sensor; null: as distance and lens have it
     * @param  ?KeptSharp  $kept  how much of it is to be sharp, where somebody wishes
     *
     * @throws InvalidOptics
     */
    public function __construct(
        public ?SubjectKind $kind = null,
        public ?Framing $framing = null,
        public ?float $magnification = null,
        public ?KeptSharp $kept = null,
    ) {
        InvalidOptics::unlessPositive('magnification', $magnification ?? 1.0);
    }
}
