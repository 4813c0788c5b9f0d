<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/**
 * What each departure from an ideal costs, in stops of regret. All
 * are judgements of taste, kept in this one place; an approach overrides what it teaches otherwise.
 */
final readonly class Weights
{
    public function __construct(
        /** A stop of ISO above base, up to what its owner lives with: hardly anything. */
        public float $noise = 0.1,
        /** On top, a stop above the ISO whose noise the owner does not mind. */
        public float $uncomfortableNoise = 1.0,
        /** A stop of ISO below base: highlights clip sooner, so it costs more than it gains. */
        public float $belowBase = 1.5,
        /** A stop smaller than the depth that was asked for: harmless in itself. */
        public float $spareDepth = 0.25,
        /** A stop wider than rows of people want, who are never all in focus alike. */
        public float $groupDepth = 0.6,
        /** A stop wider than the preferred aperture, where no depth was asked for. */
        public float $awayFromAperture = 0.15,
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
        public float $nearShake = 0.4,
        /** A stop beyond what hands hold without the stabiliser, which holds most times and not all. */
        public float $onStabiliser = 0.25,
        /** A time within one stop of what somebody, or the wind, allows: nobody is as still as a table. */
        public float $nearMovement = 0.3,
        /** A stop longer than silk, mist or trails need: they only grow smoother. */
        public float $longAsGood = 0.08,
        /** Holding the shutter open beyond the camera's own longest time. */
        public float $bulb = 0.8,
        /** A stop longer than streak or silk needs: shape is lost. */
        public float $beyondLook = 0.3,
        /** A stop of focal length beside the framing that was asked for; that is a factor of two. */
        public float $framing = 4.0,
        /** Carrying and setting up a tripod; other supports by their share. */
        public float $tripod = 1.0,
        /** The same for what stands still and can be gone round in peace. */
        public float $tripodForStill = 0.12,
        /** To hold it otherwise than it was held. */
        public float $otherSupport = 2.0,
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
