<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use TruePupil\Core\Raster\ColourGrid;

/**
 * What colours say of where a subject is: those that are frequent in it and rare in its ground speak for it. Colours
 * are told against how light they are, since of shade and light on one thing the hue is the same.
 */
final readonly class ColourOdds
{
    /** Steps of each of two opponent colours. */
    private const BINS = 10;

    /** Steps of brightness. */
    private const LIGHTS = 6;

    /** Steps of an opponent colour that is as strong as the light itself. */
    private const COLOURS = 12.0;

    /** Codes of light under which colours fade into noise. */
    private const BLACK = 24.0;

    /** What a colour may say for or against at most, in logarithms of odds. */
    private const SAYS_AT_MOST = 3.0;

    /** What a step gives to each of its neighbours: colours that are nearly the same count for each other. */
    private const NEARLY = 0.4;

    /** @param  list<int>  $bins  the step of each cell's colour */
    private function __construct(private array $bins)
    {
    }

    public static function in(ColourGrid $grid): self
    {
        $bins = [];
        for ($at = 0, $end = strlen($grid->bytes); $at < $end; $at += 3) {
            $bins[] = self::bin(ord($grid->bytes[$at]), ord($grid->bytes[$at + 1]), ord($grid->bytes[$at + 2]));
        }

        return new self($bins);
    }

    /**
     * @param  list<float>  $belief  how likely each cell is subject
     * @return array{list<float>, float}
     *   logarithm of the odds of each cell, and the part that the colours of subject and ground have in common, 0–1
     */
    public function of(array $belief): array
    {
        $subject = $ground = array_fill(0, self::LIGHTS * self::BINS ** 2, 0.0);
        foreach ($this->bins as $i => $bin) {
            $subject[$bin] += $belief[$i];
            $ground[$bin] += 1 - $belief[$i];
        }
        [$subject, $ground] = [self::softened(array_values($subject)), self::softened(array_values($ground))];
        [$says, $common] = [[], 0.0];
        foreach ($subject as $bin => $share) {
            $common += min($share, $ground[$bin]);
            $odds = log(($share + 1e-4) / ($ground[$bin] + 1e-4));
            $says[] = max(-self::SAYS_AT_MOST, min(self::SAYS_AT_MOST, $odds));
        }

        return [array_map(fn (int $bin): float => $says[$bin], $this->bins), $common];
    }

    private static function bin(int $r, int $g, int $b): int
    {
        $light = ($r + $g + $b) / 3;
        $step = self::COLOURS / ($light + self::BLACK);
        $red = (int) floor(self::BINS / 2 + $step * ($r - $g));
        $blue = (int) floor(self::BINS / 2 + $step * (($r + $g) / 2 - $b));

        return ((int) ($light / 256 * self::LIGHTS) * self::BINS + max(0, min(self::BINS - 1, $red))) * self::BINS
            + max(0, min(self::BINS - 1, $blue));
    }

    /**
     * A histogram whose steps have given a part to their neighbours, adding up to one.
     *
     * @param  list<float>  $counts
     * @return list<float>
     */
    private static function softened(array $counts): array
    {
        foreach ([[1, self::BINS], [self::BINS, self::BINS], [self::BINS ** 2, self::LIGHTS]] as [$stride, $steps]) {
            $soft = [];
            foreach ($counts as $bin => $count) {
                $place = intdiv($bin, $stride) % $steps;
                $soft[] = $count + self::NEARLY * (
                    ($place > 0 ? $counts[$bin - $stride] : 0.0)
                    + ($place < $steps - 1 ? $counts[$bin + $stride] : 0.0)
                );
            }
            $counts = $soft;
        }
        $sum = max(1e-9, array_sum($counts));

        return array_map(fn (float $count): float => $count / $sum, $counts);
    }
}
