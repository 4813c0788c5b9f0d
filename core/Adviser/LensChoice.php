<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;

/** A lens of the kit at a focal length that frames the subject. */
final readonly class LensChoice
{
    /** A lens that frames this much wider or tighter, as a binary logarithm, still does: a step or two make it up. */
    public const NEAR_ENOUGH = 0.25;

    private function __construct(
        public Lens $lens,
        /** mm. */
        public float $focalLength,
        /** Binary logarithm of the focal length against the one asked for: positive is tighter. */
        public float $framing,
    ) {
    }

    /** @param  float  $focalLength  mm, that was chosen whatever it frames */
    public static function at(Lens $lens, float $focalLength): self
    {
        return new self($lens, $focalLength, 0.0);
    }

    /** @return list<self> for every lens that frames the subject and focuses near enough */
    public static function all(Kit $kit, Intent $intent): array
    {
        $choices = [];
        foreach ($kit->lenses as $lens) {
            if ($intent->distances->subject !== null && $intent->distances->subject < $lens->closestFocus - 1e-9) {
                continue;
            }
            foreach (self::focalLengths($lens, $kit, $intent) as [$focalLength, $framing]) {
                $isInsideLens =
                    $intent->distances->subject !== null && $intent->distances->subject * 1000 <= $focalLength;
                if (! $isInsideLens && abs($framing) <= self::NEAR_ENOUGH + 1e-9) {
                    $choices[] = new self($lens, $focalLength, $framing);
                }
            }
        }

        return $choices;
    }

    /** @return list<array{float, float}> focal length in mm, and how it frames */
    private static function focalLengths(Lens $lens, Kit $kit, Intent $intent): array
    {
        if ($intent->focalLength35 !== null) {
            $wanted = $intent->focalLength35 / $kit->body->format->crop();
            $focalLength = max($lens->minFocal, min($lens->maxFocal, $wanted));

            return [[$focalLength, log($focalLength / $wanted, 2)]];
        }
        // Nothing said of the framing: both ends of a zoom and the middle between them.
        $lengths = array_values(
            array_unique([$lens->minFocal, sqrt($lens->minFocal * $lens->maxFocal), $lens->maxFocal]),
        );

        return array_map(
            fn (float $focalLength): array => [$focalLength, 0.0],
            $lens->minFocal === $lens->maxFocal ? [$lens->minFocal] : $lengths,
        );
    }
}
