<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Stops;

/** Pixels counted by 8-bit sRGB code, 0–255. */
final readonly class Histogram
{
    /** @param  list<int>  $counts */
    private function __construct(public array $counts, public int $total)
    {
    }

    /**
     * @param  array<int>  $counts  256 of them
     *
     * @throws InvalidArgumentException when there are not 256 counts, or nothing was counted
     */
    public static function of(array $counts): self
    {
        if (count($counts) !== 256) {
            throw new InvalidArgumentException(sprintf('A histogram has 256 counts; got %d.', count($counts)));
        }
        $total = array_sum($counts);
        if ($total <= 0 || min($counts) < 0) {
            throw new InvalidArgumentException('A histogram counts at least one pixel, and none below zero.');
        }

        return new self(array_values($counts), $total);
    }

    /** Mean of linear light, 0–1. */
    public function meanLinear(): float
    {
        $sum = 0.0;
        foreach (Srgb::linearByCode() as $code => $linear) {
            $sum += $linear * $this->counts[$code];
        }

        return $sum / $this->total;
    }

    /** Stops from mid-grey below which this share of the pixels lies (0 < share < 1). */
    public function percentileStops(float $share): float
    {
        $wanted = $share * $this->total;
        $seen = 0;
        foreach ($this->counts as $code => $count) {
            $seen += $count;
            if ($seen >= $wanted) {
                return Srgb::stopsFromMidGrey(Srgb::linearByCode()[$code]);
            }
        }

        return Srgb::stopsFromMidGrey(1.0);
    }

    /** Only the pixels with codes from one to another, both included; null where there are none. */
    public function between(int $low, int $high): ?self
    {
        $counts = array_map(
            fn (int $code): int => $code >= $low && $code <= $high ? $this->counts[$code] : 0,
            array_keys($this->counts),
        );

        return array_sum($counts) === 0 ? null : self::of($counts);
    }

    /** The code below which this share of the pixels lies. */
    public function percentileCode(float $share): int
    {
        $seen = 0;
        foreach ($this->counts as $code => $count) {
            $seen += $count;
            if ($seen >= $share * $this->total) {
                return $code;
            }
        }

        return 255;
    }

    /**
     * Of the codes between the darkest and the brightest hundredth, the share that no pixel has, %; 0 where they are
     * fewer than a quarter of the scale.
     */
    public function missingPct(): float
    {
        [$low, $high] = [$this->percentileCode(0.01), $this->percentileCode(0.99)];

        return $high - $low < 64 ? 0.0 : $this->emptyPct($low, $high);
    }

    /** Of the codes from one to another, both included, the share that no pixel has, %. */
    public function emptyPct(int $low, int $high): float
    {
        $between = array_slice($this->counts, $low, max(1, $high - $low + 1));

        return (100 * count(array_filter($between, fn (int $count): bool => $count === 0))) / count($between);
    }

    /**
     * The same picture with so many stops more light, each code moved to where its light then falls; white is the end.
     */
    public function brightened(Stops $stops): self
    {
        $counts = array_fill(0, 256, 0);
        foreach (Srgb::linearByCode() as $code => $linear) {
            $counts[(int) round(255 * Srgb::encoded(min(1.0, $linear * $stops->ratio())))] += $this->counts[$code];
        }

        return new self(array_values($counts), $this->total);
    }

    /** Percentage of pixels at or above a code. */
    public function percentFrom(int $code): float
    {
        return (100 * array_sum(array_slice($this->counts, $code))) / $this->total;
    }

    /** Percentage of pixels at or below a code. */
    public function percentTo(int $code): float
    {
        return (100 * array_sum(array_slice($this->counts, 0, $code + 1))) / $this->total;
    }

    /**
     * The distribution on the axis of stops from mid-grey, in bins of a third of a stop.
     *
     * Codes near black are more than a third of a stop apart, so a code's pixels are spread evenly over the stops that
     * it stands for: no comb where the picture has none.
     *
     * @return list<array{stops: float, share: float}> bin centres and shares of all pixels, darkest first
     */
    public function byThirds(float $from = -8.0, float $to = 2.5): array
    {
        $bins = (int) round(($to - $from) * 3);
        $shares = array_fill(0, $bins, 0.0);
        foreach ($this->counts as $code => $count) {
            if ($count === 0) {
                continue;
            }
            $low = Srgb::stopsFromMidGrey(Srgb::linear(max(0.5, $code - 0.5) / 255));
            $high = Srgb::stopsFromMidGrey(Srgb::linear(min(255, $code + 0.5) / 255));
            $first = max(0, min($bins - 1, (int) floor(($low - $from) * 3)));
            $last = max($first, min($bins - 1, (int) floor(($high - $from) * 3 - 1e-9)));
            for ($bin = $first; $bin <= $last; $bin++) {
                $shares[$bin] += $count / $this->total / ($last - $first + 1);
            }
        }
        $distribution = [];
        foreach ($shares as $bin => $share) {
            $distribution[] = ['stops' => $from + ($bin + 0.5) / 3, 'share' => $share];
        }

        return $distribution;
    }
}
