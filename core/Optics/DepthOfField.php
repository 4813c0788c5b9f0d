<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * What looks sharp in front of and behind the focused distance, by the thin-lens formulas.
 *
 * H = f²/(N·c) + f; near = s(H−f)/(H+s−2f); far = s(H−f)/(H−s), infinite from s = H on. Distances in metres from the
 * lens; focal length and circle of confusion in millimetres.
 */
final readonly class DepthOfField
{
    private function __construct(
        public float $hyperfocal,
        public float $near,
        /** Null when it reaches infinity. */
        public ?float $far,
    ) {
    }

    /** @throws InvalidOptics */
    public static function of(float $focalLength, float $fNumber, float $distance, float $circleOfConfusion): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('f-number', $fNumber);
        InvalidOptics::unlessPositive('distance', $distance, 'm');
        InvalidOptics::unlessPositive('circle of confusion', $circleOfConfusion, 'mm');
        $f = $focalLength / 1000;
        if ($distance <= $f) {
            throw InvalidOptics::tooClose($distance, $focalLength);
        }
        $hyperfocal = $f ** 2 / (($fNumber * $circleOfConfusion) / 1000) + $f;
        $near = ($distance * ($hyperfocal - $f)) / ($hyperfocal + $distance - 2 * $f);
        $far = $distance >= $hyperfocal ? null : ($distance * ($hyperfocal - $f)) / ($hyperfocal - $distance);

        return new self($hyperfocal, $near, $far);
    }

    /** Depth from near to far in metres; null when it reaches infinity. */
    public function total(): ?float
    {
        return $this->far === null ? null : $this->far - $this->near;
    }
}
