<?php

declare(strict_types=1);

namespace App\PracticeCamera;

/** How finely a picture is worked out. */
final readonly class Fineness
{
    /**
     * @param  int  $width  pixels; the height is two thirds of it
     * @param  int  $layers  most that depth of field is taken apart into
     * @param  float  $detail  radius in pixels to which discs are worked out
     * @param  int  $drops  of water drawn one by one
     */
    private function __construct(public int $width, public int $layers, public float $detail, public int $drops)
    {
    }

    /** A frame that is kept. */
    public static function frame(): self
    {
        return new self(PlateStore::WIDTH, 14, 4.0, 4000);
    }

    /** The live picture in the finder, which has to be there at once. */
    public static function finder(): self
    {
        return new self(PlateStore::FINDER_WIDTH, 7, 2.0, 900);
    }

    public function height(): int
    {
        return intdiv($this->width * 2, 3);
    }
}
