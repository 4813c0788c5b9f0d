<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use InvalidArgumentException;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * The range of tones that the frames of a bracket hold between them, measured in the pictures: each frame's darkest and
 * brightest kept thousandth, less how much brighter the frame was taken, lie on one scale of the scene.
 */
final readonly class CoveredRange
{
    private const THOUSANDTH = 0.001;

    private function __construct(
        /** From the darkest to the brightest tone that some frame keeps. */
        public float $stops,
        /** Lost even in the darkest frame, % of it. */
        public float $lostPct,
        /** Blocked even in the brightest frame, % of it. */
        public float $blockedPct,
    ) {
    }

    /**
     * @param  list<float>  $exposures  brightness of each frame, stops
     * @param  list<ToneMeasures>  $tones  of the same frames
     *
     * @throws InvalidArgumentException when there are not as many of both
     */
    public static function of(array $exposures, array $tones): self
    {
        if (count($exposures) !== count($tones) || $exposures === [] || $tones === []) {
            throw new InvalidArgumentException(
                sprintf('%d exposures do not go with %d frames.', count($exposures), count($tones)),
            );
        }
        [$tops, $bottoms] = [[], []];
        foreach ($tones as $i => $tone) {
            // What is lost or blocked is held by nobody.
            $kept = $tone->statistics->luminance->between(ToneMeasures::BLOCKED_TO + 1, ToneMeasures::LOST_FROM - 1);
            if ($kept !== null) {
                $tops[] = $kept->percentileStops(1 - self::THOUSANDTH) - $exposures[$i];
                $bottoms[] = $kept->percentileStops(self::THOUSANDTH) - $exposures[$i];
            }
        }
        $darkest = (int) array_search(min($exposures), $exposures, true);
        $brightest = (int) array_search(max($exposures), $exposures, true);

        return new self(
            $tops === [] || $bottoms === [] ? 0.0 : max($tops) - min($bottoms),
            $tones[$darkest]->lostInTwoPct(),
            $tones[$brightest]->blockedShadowsPct,
        );
    }
}
