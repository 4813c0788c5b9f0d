<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/** A set of frames focused one behind the other, so that what is sharp reaches from a near to a far limit. */
final readonly class FocusStack
{
    /** More frames than anyone would take: something is wrong with the wish, not with the lens. */
    private const MOST = 2000;

    /**
     * @param  list<float>  $distances  where to focus each frame, m, near to far
     * @param  bool  $isWhole  whether they reach the far limit; more than anyone would take are not counted on
     */
    private function __construct(public array $distances, public bool $isWhole = true)
    {
    }

    /**
     * Depth of field is a band of even width in 1/distance: 1/near = 1/s + (1 − f/s)/h and 1/far = 1/s − (1 − f/s)/h
     * with h = f²/(N·c). Bands are laid edge to edge, less the overlap, from the near limit outwards.
     *
     * @param  float  $overlap  share of each frame's depth that the next one covers again, 0 to 0.9
     *
     * @throws InvalidOptics
     */
    public static function covering(
        float $near,
        float $far,
        float $focalLength,
        float $fNumber,
        float $circleOfConfusion,
        float $overlap = 0.2,
    ): self {
        foreach (['near limit' => $near, 'far limit' => $far] as $name => $distance) {
            InvalidOptics::unlessPositive($name, $distance, 'm');
        }
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);
        InvalidOptics::unlessPositive('circle of confusion', $circleOfConfusion, 'mm');
        if ($far < $near) {
            throw InvalidOptics::reversed($near, $far);
        }
        $f = $focalLength / 1000;
        if ($near <= $f) {
            throw InvalidOptics::tooClose($near, $focalLength);
        }
        $h = $f ** 2 / (($fNumber * $circleOfConfusion) / 1000);
        $keep = 1 - max(0.0, min(0.9, $overlap));
        $distances = [];
        $edge = 1 / $near;
        $reached = $edge;
        do {
            // The focus whose near edge lies at $edge: 1/s·(1 − f/h) + 1/h = edge.
            $focus = ($edge - 1 / $h) / (1 - $f / $h);
            if ($focus <= 0.0) {
                $distances[] = $far;
                $reached = 0.0;
                break;
            }
            $distances[] = 1 / $focus;
            $band = (2 * (1 - $f * $focus)) / $h;
            $reached = $edge - $band;
            $edge -= $band * $keep;
        } while ($reached > 1 / $far && count($distances) < self::MOST);

        return new self($distances, $reached <= 1 / $far);
    }

    public function frames(): int
    {
        return count($this->distances);
    }
}
