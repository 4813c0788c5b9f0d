<?php

declare(strict_types=1);

namespace TruePupil\Core\Metering;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Exposure\ZoneOfTone;

/** What a spot of a picture says: where its tone was placed, and what would place it elsewhere. */
final readonly class SpotReading
{
    /**
     * @param  array{scene: float, centre: float, spot: float, highlight: float}  $compensations
     *   stops that each pattern would have needed to put this spot on mid-grey
     */
    private function __construct(public Stops $placement, public string $zone, public array $compensations)
    {
    }

    /**
     * @param  float  $x  fraction of the frame
     * @param  float  $y  fraction of the frame
     */
    public static function at(LuminanceGrid $grid, float $x, float $y): self
    {
        $verdicts = (new PatternMeter($grid, ['x' => $x, 'y' => $y]))->verdicts();
        $placement = Stops::of($verdicts['spot']);

        // A pattern renders its own reading as mid-grey; the spot then lies its distance from that reading away.
        return new self(
            $placement,
            ZoneOfTone::of($placement),
            array_map(fn (float $verdict): float => $verdict - $placement->value, $verdicts),
        );
    }

    /** Compensation from this frame's exposure that puts the spot so many stops from mid-grey. */
    public function changeFor(Stops $wanted): Stops
    {
        return $wanted->minus($this->placement);
    }
}
