<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use DateTimeImmutable;
use TruePupil\Core\Sky\SkyPosition;

/** A stretch of time on one day in which all holds that can be reckoned. */
final readonly class Chance
{
    /** @param  float  $moonLit  share of the moon's disc, 0 to 1 */
    public function __construct(
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public SkyPosition $sun,
        public SkyPosition $moon,
        public float $moonLit,
    ) {
    }
}
