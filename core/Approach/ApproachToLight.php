<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** Which light a course exposes for. */
final readonly class ApproachToLight
{
    public function __construct(
        public Protects $protects = Protects::Highlights,
        public WideRange $wideRange = WideRange::Bracket,
        public IsoSetting $iso = IsoSetting::ByHand,
        public LowestIso $lowestIso = LowestIso::Base,
        public Exposing $exposing = Exposing::ForTheLook,
        public FilmRating $filmRating = FilmRating::Box,
    ) {
    }
}
