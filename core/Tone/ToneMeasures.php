<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use TruePupil\Core\Exposure\Stops;

/**
 * The tones of a picture or of its subject, in stops from mid-grey (18 % linear, sRGB 118) and percentages.
 *
 * A highlight is lost where all three channels are at 254 or 255: nothing is left to tell apart. A shadow is blocked
 * where all three are at 0 or 1. A channel alone counts in its own figure.
 */
final readonly class ToneMeasures
{
    public const LOST_FROM = 254;

    public const BLOCKED_TO = 1;

    private function __construct(
        public float $meanStops,
        public float $medianStops,
        /** Stops below which the darkest hundredth lies. */
        public float $p1Stops,
        /** Stops below which all but the brightest hundredth lies. */
        public float $p99Stops,
        public float $lostHighlightsPct,
        /** @var array{r: float, g: float, b: float} */
        public array $lostHighlightsPctByChannel,
        public float $blockedShadowsPct,
        public PixelStatistics $statistics,
    ) {
    }

    public static function from(PixelStatistics $pixels): self
    {
        $total = $pixels->luminance->total;

        return new self(
            meanStops: Srgb::stopsFromMidGrey($pixels->luminance->meanLinear()),
            medianStops: $pixels->luminance->percentileStops(0.5),
            p1Stops: $pixels->luminance->percentileStops(0.01),
            p99Stops: $pixels->luminance->percentileStops(0.99),
            lostHighlightsPct: (100 * $pixels->lostHighlights) / $total,
            lostHighlightsPctByChannel: [
                'r' => $pixels->red->percentFrom(self::LOST_FROM),
                'g' => $pixels->green->percentFrom(self::LOST_FROM),
                'b' => $pixels->blue->percentFrom(self::LOST_FROM),
            ],
            blockedShadowsPct: (100 * $pixels->blockedShadows) / $total,
            statistics: $pixels,
        );
    }

    /** As they would be with so many stops more light. */
    public function brightened(Stops $stops): self
    {
        $pixels = $this->statistics;
        $luminance = $pixels->luminance->brightened($stops);
        $share = fn (float $percent): int => (int) round(($percent / 100) * $luminance->total);

        return self::from(
            new PixelStatistics(
                $luminance,
                $pixels->red->brightened($stops),
                $pixels->green->brightened($stops),
                $pixels->blue->brightened($stops),
                // Darker, only what luminance tells is certain to be lost still; brighter, whatever reaches the end.
                $stops->value < 0
                    ? $pixels->lostHighlights
                    : max($pixels->lostHighlights, $share($luminance->percentFrom(self::LOST_FROM))),
                $stops->value > 0
                    ? $pixels->blockedShadows
                    : max($pixels->blockedShadows, $share($luminance->percentTo(self::BLOCKED_TO))),
            ),
        );
    }

    /**
     * Of the codes between the darkest and the brightest hundredth of each channel, the share that no pixel has, %. 0
     * where a channel is too narrow to tell.
     *
     * @return array{r: float, g: float, b: float}
     */
    public function missingInChannelsPct(): array
    {
        return [
            'r' => $this->statistics->red->missingPct(),
            'g' => $this->statistics->green->missingPct(),
            'b' => $this->statistics->blue->missingPct(),
        ];
    }

    /**
     * % in which at least two channels are at their end: warm light, as of a fire, is lost before the third is. Where
     * one channel ends another mostly has, so that the second largest share says it.
     */
    public function lostInTwoPct(): float
    {
        $shares = array_values($this->lostHighlightsPctByChannel);
        sort($shares);

        return max($this->lostHighlightsPct, $shares[1]);
    }

    /** Stops between the darkest and the brightest hundredth. */
    public function usedStops(): float
    {
        return $this->p99Stops - $this->p1Stops;
    }

    /**
     * @return array{meanStops: float, medianStops: float, p1Stops: float, p99Stops: float, lostHighlightsPct: float,
     *     lostHighlightsPctByChannel: array{r: float, g: float, b: float}, blockedShadowsPct: float, usedStops: float,
     *     histogram: array{luminance: list<int>, r: list<int>, g: list<int>, b: list<int>}}
     */
    public function toArray(): array
    {
        return [
            'meanStops' => $this->meanStops,
            'medianStops' => $this->medianStops,
            'p1Stops' => $this->p1Stops,
            'p99Stops' => $this->p99Stops,
            'lostHighlightsPct' => $this->lostHighlightsPct,
            'lostHighlightsPctByChannel' => $this->lostHighlightsPctByChannel,
            'blockedShadowsPct' => $this->blockedShadowsPct,
            'usedStops' => $this->usedStops(),
            'histogram' => [
                'luminance' => $this->statistics->luminance->counts,
                'r' => $this->statistics->red->counts,
                'g' => $this->statistics->green->counts,
                'b' => $this->statistics->blue->counts,
            ],
        ];
    }
}
