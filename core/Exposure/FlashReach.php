<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** How far a flash reaches at full power: GN·√(S/100)/N, metres, with the guide number in metres at ISO 100. */
final readonly class FlashReach
{
    private function __construct(public float $metres)
    {
    }

    /** @throws InvalidExposure */
    public static function of(float $guideNumber, float $fNumber, float $iso): self
    {
        foreach (['guide number' => $guideNumber, 'f-number' => $fNumber, 'ISO' => $iso] as $name => $value) {
            InvalidExposure::unlessPositive($name, $value);
        }

        return new self(($guideNumber * sqrt($iso / 100)) / $fNumber);
    }
}
