<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** What a lens is made for, as its description says (EXIF LensSpecification). */
final readonly class LensRange
{
    /**
     * @param  float  $minFocal  mm
     * @param  float  $maxFocal  mm
     * @param  ?float  $widestAtMin  f-number
     * @param  ?float  $widestAtMax  f-number
     */
    private function __construct(
        public float $minFocal,
        public float $maxFocal,
        public ?float $widestAtMin,
        public ?float $widestAtMax,
    ) {
    }

    /** @return ?self null where the focal lengths are none; an f-number that is not known is zero */
    public static function of(float $minFocal, float $maxFocal, float $widestAtMin, float $widestAtMax): ?self
    {
        $maxFocal = $maxFocal > 0 ? $maxFocal : $minFocal;
        if ($minFocal <= 0 || $maxFocal < $minFocal || $maxFocal > 5000) {
            return null;
        }
        $widest = $widestAtMin > 0 ? $widestAtMin : null;

        return new self($minFocal, $maxFocal, $widest, $widestAtMax > 0 ? $widestAtMax : $widest);
    }

    /** From words such as "18-200mm f/3.5-5.6"; null where they do not say. */
    public static function inWords(string $words): ?self
    {
        $number = '(\d+(?:\.\d+)?)';
        if (preg_match("/$number(?:\s*[-–]\s*$number)?\s*mm/u", $words, $focal) !== 1) {
            return null;
        }
        $hasWidest = preg_match("/(?:f\/?|ƒ\/|1:)\s*$number(?:\s*[-–]\s*$number)?/iu", $words, $widest) === 1;

        return self::of(
            (float) $focal[1],
            (float) ($focal[2] ?? 0),
            $hasWidest ? (float) $widest[1] : 0.0,
            $hasWidest ? (float) ($widest[2] ?? 0) : 0.0,
        );
    }

    public function isZoom(): bool
    {
        return $this->maxFocal > $this->minFocal;
    }
}
