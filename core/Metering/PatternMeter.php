<?php

declare(strict_types=1);

namespace TruePupil\Core\Metering;

use Closure;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\Srgb;

/**
 * What each metering pattern says of a picture: log2(weighted mean luminance / 0.18), in stops. Zero means that a meter
 * with this pattern would have asked for this very exposure; +1 that it would have asked for one stop less.
 *
 * The weights, ours and the same everywhere:
 * - centre-weighted: 60 % of the weight in a centred circle half the frame height across, 40 % evenly outside it;
 * - spot: a circle of 2.5 % of the frame's area round the chosen point, nothing else;
 * - whole scene: everything counts, what lies near the focus point up to three times as much (a bell a quarter of the
 *   frame height wide), and parts more than three stops over the median half as much, so that a lamp does not rule;
 * - highlight-weighted: the brightest twentieth, nothing else, and it is to lie two stops over mid-grey, near white and
 *   not at it.
 */
final readonly class PatternMeter
{
    private const CENTRE_WEIGHT = 0.6;

    private const CENTRE_RADIUS = 0.25;

    private const SPOT_AREA = 0.025;

    private const FOCUS_WEIGHT = 2.0;

    private const FOCUS_WIDTH = 0.25;

    private const GLARE_STOPS = 3.0;

    private const GLARE_WEIGHT = 0.5;

    private const HIGHLIGHT_SHARE = 0.05;

    /** Highlight weighting keeps the brightest parts bright: so many stops over mid-grey, half a stop under white. */
    public const HIGHLIGHT_PLACE = 2.0;

    /**
     * @param  array{x: float, y: float}  $point  where the spot and the focus point lie, as fractions of the frame
     */
    public function __construct(private LuminanceGrid $grid, private array $point = ['x' => 0.5, 'y' => 0.5])
    {
    }

    public function verdict(MeteringPattern $pattern): ?Stops
    {
        $weights = match ($pattern) {
            MeteringPattern::Scene => $this->sceneWeights(),
            MeteringPattern::Centre => $this->centreWeights(),
            MeteringPattern::Spot => $this->spotWeights(),
            MeteringPattern::Highlight => $this->highlightWeights(),
            MeteringPattern::Other, MeteringPattern::Unknown => null,
        };

        if ($weights === null) {
            return null;
        }
        $place = $pattern === MeteringPattern::Highlight ? self::HIGHLIGHT_PLACE : 0.0;

        return Stops::of(Srgb::stopsFromMidGrey($this->grid->weightedMean($weights)) - $place);
    }

    /** @return array{scene: float, centre: float, spot: float, highlight: float} stops */
    public function verdicts(): array
    {
        return [
            'scene' => $this->verdict(MeteringPattern::Scene)->value ?? 0.0,
            'centre' => $this->verdict(MeteringPattern::Centre)->value ?? 0.0,
            'spot' => $this->verdict(MeteringPattern::Spot)->value ?? 0.0,
            'highlight' => $this->verdict(MeteringPattern::Highlight)->value ?? 0.0,
        ];
    }

    /** @return list<float> */
    private function centreWeights(): array
    {
        $inside = $this->within($this->grid->aspect() / 2, 0.5, self::CENTRE_RADIUS);
        $count = array_sum($inside);
        $outside = count($inside) - $count;

        return array_map(
            fn (int $in): float => $in === 1
                ? self::CENTRE_WEIGHT / max(1, $count)
                : (1 - self::CENTRE_WEIGHT) / max(1, $outside),
            $inside,
        );
    }

    /** @return list<float> */
    private function spotWeights(): array
    {
        $radius = sqrt((self::SPOT_AREA * $this->grid->aspect()) / M_PI);

        return array_map(
            floatval(...),
            $this->within($this->point['x'] * $this->grid->aspect(), $this->point['y'], $radius),
        );
    }

    /** @return list<float> */
    private function sceneWeights(): array
    {
        $sorted = $this->grid->cells;
        sort($sorted, SORT_NUMERIC);
        $glare = $sorted[intdiv(count($sorted), 2)] * 2 ** self::GLARE_STOPS;
        // A bell over two distances is the product of one over each.
        $bell = fn (float $from): Closure => fn (float $at): float => exp(-((($at - $from) / self::FOCUS_WIDTH) ** 2));
        $across = array_map($bell($this->point['x'] * $this->grid->aspect()), $this->grid->across());
        $weights = [];
        $cells = $this->grid->cells;
        $index = 0;
        foreach (array_map($bell($this->point['y']), $this->grid->down()) as $row) {
            foreach ($across as $column) {
                $weights[] =
                    (1 + self::FOCUS_WEIGHT * $row * $column) *
                    ($glare > 0 && $cells[$index] > $glare ? self::GLARE_WEIGHT : 1.0);
                $index++;
            }
        }

        return $weights;
    }

    /** @return list<float> */
    private function highlightWeights(): array
    {
        $sorted = $this->grid->cells;
        rsort($sorted, SORT_NUMERIC);
        $wanted = max(1, (int) ceil(count($sorted) * self::HIGHLIGHT_SHARE));
        $least = $sorted[$wanted - 1];
        // Cells as bright as the last one that counts share its place, so that a plain area does not count whole.
        $above = count(array_filter($sorted, fn (float $luminance): bool => $luminance > $least));
        $level = count(array_keys($sorted, $least, true));
        $share = ($wanted - $above) / $level;

        return array_map(
            fn (float $luminance): float => match (true) {
                $luminance > $least => 1.0,
                $luminance === $least => $share,
                default => 0.0,
            },
            $this->grid->cells,
        );
    }

    /** @return list<int> 1 for cells whose centre lies in the circle (in frame heights), else 0 */
    private function within(float $x, float $y, float $radius): array
    {
        $squared = fn (float $from): Closure => fn (float $at): float => ($at - $from) ** 2;
        $across = array_map($squared($x), $this->grid->across());
        $inside = [];
        foreach (array_map($squared($y), $this->grid->down()) as $row) {
            foreach ($across as $column) {
                $inside[] = $row + $column <= $radius ** 2 ? 1 : 0;
            }
        }

        return $inside;
    }
}
