<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

/**
 * Whether a whole picture is blurred one way and not across it, as a moving camera does: defocus blurs every way. Where
 * anything is sharp that way too, the camera was still and only things moved.
 */
final readonly class Smear
{
    /** Degrees between the ways that are tried. */
    public const STEP = 22.5;

    /** Share of the sharpest windows that are taken for the sharpest part. */
    private const SHARPEST = 0.05;

    /** With fewer windows there is no telling. */
    private const LEAST_WINDOWS = 20;

    /** Pixels: sharper than this, something stood still. */
    private const STILL = 0.45;

    /** Pixels from which the sharpest part is plainly soft that way, and how much sharper it then is another way. */
    private const SOFT = 0.9;

    private const SHARPER = 1.4;

    /** Or how much more all of the picture is blurred one way than another. */
    private const ONE_WAY = 2.0;

    /** Under this ratio between ways the whole is blurred alike every way. */
    private const ALIKE = 1.25;

    /** Pixels: blurs below are as good as none, and no ratio hangs on them. */
    private const NONE = 0.3;

    private function __construct(
        /** From the right-hand side towards the bottom, 0 to 180. */
        public float $degrees,
        /** Blur of the sharpest part that way, pixels. */
        public float $along,
        /** The same, the way that is sharpest. */
        public float $across,
    ) {
    }

    public static function of(EdgeField $edges): ?self
    {
        $all = $edges->ways($edges->judged());
        // Most pictures are done with here: blurred alike every way.
        if ($all === [] || self::over(max($all)[0], min($all)[0]) < self::ALIKE) {
            return null;
        }
        $sharpest = [];
        foreach ($all as [, $degrees]) {
            $windows = array_values($edges->windows($degrees));
            if (count($windows) >= self::LEAST_WINDOWS) {
                sort($windows);
                $sharpest[] = [$windows[(int) floor(self::SHARPEST * count($windows))], $degrees];
            }
        }
        if ($sharpest === []) {
            return null;
        }
        [[$along, $degrees], [$across]] = [max($sharpest), min($sharpest)];
        [[$blur, $way], [$least]] = [max($all), min($all)];
        $apart = abs($degrees - $way);
        $isOneWay = min($apart, 180.0 - $apart) <= self::STEP && self::over($blur, $least) >= self::ONE_WAY;
        $isSoft = $along >= self::SOFT && self::over($along, $across) >= self::SHARPER;

        return $along >= self::STILL && ($isOneWay || $isSoft) ? new self($degrees, $along, $across) : null;
    }

    /** @param  array{degrees: float|int, along: float|int, across: float|int}  $stored */
    public static function restore(array $stored): self
    {
        return new self((float) $stored['degrees'], (float) $stored['along'], (float) $stored['across']);
    }

    /** @return array{degrees: float, along: float, across: float} */
    public function toArray(): array
    {
        return ['degrees' => $this->degrees, 'along' => $this->along, 'across' => $this->across];
    }

    /** A way in words, of degrees from the right-hand side downwards. */
    public static function way(float $degrees): string
    {
        return match (true) {
            $degrees <= self::STEP || $degrees >= 180.0 - self::STEP => 'from side to side',
            abs($degrees - 90.0) <= self::STEP => 'up and down',
            default => 'aslant',
        };
    }

    private static function over(float $blur, float $other): float
    {
        return max(self::NONE, $blur) / max(self::NONE, $other);
    }
}
