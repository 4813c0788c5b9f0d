<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/**
 * What each departure from an ideal costs, in stops of violated preference: the unit is one stop of ISO above base. All
 * are judgements of taste, kept in this one place; an approach overrides what it teaches otherwise.
 */
final readonly class Weights
{
    public function __construct(
        /** A stop of ISO above base: the measure of everything else. */
        public float $noise = 1.0,
        /** On top, a stop above the ISO whose noise the owner does not mind. */
        public float $uncomfortableNoise = 1.0,
        /** A stop of ISO below base: highlights clip sooner, so it costs more than it gains. */
        public float $belowBase = 1.5,
        /** A stop smaller than the depth that was asked for: harmless in itself. */
        public float $spareDepth = 0.25,
        /** A stop away from the preferred aperture, where no depth was asked for. */
        public float $awayFromAperture = 0.3,
        /** Av of that aperture: 6 is f/8. */
        public float $preferredAv = 6.0,
        /**
         * A stop away from the aperture of a frame that is to be taken better: whoever took it meant something by it.
         */
        public float $changedAperture = 0.4,
        /** A stop beyond the f-number at which diffraction shows in a print. */
        public float $diffraction = 1.0,
        /** A stop beyond the f-number at which it shows in single pixels: seen only at full magnification. */
        public float $pixelDiffraction = 0.25,
        /** A lens is a little softer wide open. */
        public float $wideOpen = 0.25,
        /** A time within one stop of what hands hold: hands differ. */
        public float $nearShake = 0.5,
        /** A stop longer than streak or silk needs: shape is lost. */
        public float $beyondLook = 0.3,
        /** A stop of focal length beside the framing that was asked for; that is a factor of two. */
        public float $framing = 4.0,
        /** Carrying and setting up a tripod; other supports by their share. */
        public float $tripod = 1.0,
        /** Putting a filter on. */
        public float $filter = 0.5,
    ) {
    }

    /** The weights as a course's approach has them: its choices first, then whatever it weighs otherwise by name. */
    public static function of(Approach $approach): self
    {
        return new self(
            ...[
                'belowBase' => $approach->light->lowestIso->valuesBaseIso() ? 1.5 : 0.0,
                'preferredAv' => $approach->picture->landscapeAperture->preferredAv(),
                ...$approach->weights,
            ],
        );
    }
}
