<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use TruePupil\Core\Exposure\Stops;

/**
 * What a sensor's channels hold of a picture or of a part of it, by RawCodes. A value at the end of its channel is lost
 * for good: no development tells it from a brighter one.
 */
final readonly class RawTones
{
    /** Brighter ones than all but this share are glints, and do not count. */
    public const GLINTS = 0.001;

    private function __construct(public Histogram $red, public Histogram $green, public Histogram $blue)
    {
    }

    /** @param  Histogram  ...$channels  red, green and blue, by RawCodes */
    public static function ofCounts(Histogram ...$channels): self
    {
        return new self(...array_values($channels));
    }

    /** @return array{r: float, g: float, b: float} % of each channel that is lost */
    public function lostPctByChannel(): array
    {
        return array_map(
            fn (Histogram $channel): float => $channel->percentFrom(RawCodes::FULL),
            ['r' => $this->red, 'g' => $this->green, 'b' => $this->blue],
        );
    }

    /** % of the channel that lost most. */
    public function lostPct(): float
    {
        return max($this->lostPctByChannel());
    }

    /** % in which at least two channels are lost: where one ends another mostly has, so that the second says it. */
    public function lostInTwoPct(): float
    {
        $shares = array_values($this->lostPctByChannel());
        sort($shares);

        return $shares[1];
    }

    /** % of which no channel holds anything any more: no more than the one that lost least. */
    public function lostInAllPct(): float
    {
        return min($this->lostPctByChannel());
    }

    /** Stops that could have been given more until the first channel loses anything but glints. */
    public function headroom(): float
    {
        return $this->roomAbove(self::GLINTS);
    }

    /** The channel that is full first. */
    public function first(): string
    {
        $rooms = array_map(
            fn (Histogram $channel): float => self::below($channel, self::GLINTS),
            ['red' => $this->red, 'green' => $this->green, 'blue' => $this->blue],
        );
        if (min($rooms) > 0.0) {
            return (string) array_search(min($rooms), $rooms, true);
        }
        $lost = array_combine(array_keys($rooms), $this->lostPctByChannel());

        return (string) array_search(max($lost), $lost, true);
    }

    /** Stops from the brightest tones of the channel that is full first to its end; so large a share is left out. */
    public function roomAbove(float $share): float
    {
        return min(
            self::below($this->red, $share),
            self::below($this->green, $share),
            self::below($this->blue, $share),
        );
    }

    /** The same with so many stops more light. */
    public function brightened(Stops $stops): self
    {
        $moved = function (Histogram $channel) use ($stops): Histogram {
            $counts = array_fill(0, 256, 0);
            foreach ($channel->counts as $code => $count) {
                $from = RawCodes::stops($code);
                // What was full stays full as far as anybody can tell.
                $to = $from === null || $code === RawCodes::FULL ? $code : RawCodes::code($from + $stops->value);
                $counts[$to] += $count;
            }

            return Histogram::of($counts);
        };

        return new self($moved($this->red), $moved($this->green), $moved($this->blue));
    }

    /** @return array{r: list<int>, g: list<int>, b: list<int>} */
    public function toArray(): array
    {
        return ['r' => $this->red->counts, 'g' => $this->green->counts, 'b' => $this->blue->counts];
    }

    private static function below(Histogram $channel, float $share): float
    {
        // A hair above, so that a share that ends where a tone does is left out whole.
        return abs(RawCodes::stops(max(1, $channel->percentileCode(1 - $share + 1e-9))) ?? 0.0);
    }
}
