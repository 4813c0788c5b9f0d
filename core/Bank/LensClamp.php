<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\Lens;

/** The aperture that a lens really gives when a bank asks for more than it has. */
final readonly class LensClamp
{
    /**
     * @param  float  $focalLength  mm
     * @param  Stops  $lost  light that the bank counted on and the lens does not give; 0 where it gives all
     */
    private function __construct(
        public Lens $lens,
        public float $focalLength,
        public Aperture $given,
        public Stops $lost,
    ) {
    }

    /** @return list<self> at both ends of a zoom; none where the camera chooses the aperture */
    public static function of(Bank $bank, Lens $lens): array
    {
        $asked = $bank->aperture();
        if ($asked === null) {
            return [];
        }
        $clamps = [];
        foreach (array_unique([$lens->minFocal, $lens->maxFocal]) as $focalLength) {
            $widest = $lens->widestAt($focalLength);
            $smallest = Aperture::of($lens->smallest);
            $given = match (true) {
                $asked->exact < $widest->exact => $widest,
                $asked->exact > $smallest->exact => $smallest,
                default => $asked,
            };
            $clamps[] = new self($lens, $focalLength, $given, $asked->stopsMoreLightThan($given));
        }

        return $clamps;
    }

    public function isClamped(): bool
    {
        return $this->lost->inThirds() !== 0;
    }
}
