<?php

declare(strict_types=1);

namespace App\Practice;

/** How finely a picture is worked out. */
final readonly class RenderQuality
{
    /**
     * @param  int  $width  pixels; the height is two thirds of it
     * @param  int  $layers  most that depth of field is taken apart into
     * @param  float  $sharp  diameter in pixels up to which a disc counts as a point
     * @param  float  $detail  radius in pixels to which discs are worked out
     * @param  int  $drops  of water drawn one by one
     * @param  float  $noiseShown
     *   standard deviation at mid-grey, of full scale, from which noise is drawn: less, the JPEG would not show
     * @param  bool  $isQuick  whether what is out of focus is worked out small
     */
    private function __construct(
        public int $width,
        public int $layers,
        public float $sharp,
        public float $detail,
        public int $drops,
        public float $noiseShown,
        public bool $isQuick,
    ) {
    }

    /** A frame that is kept. */
    public static function frame(): self
    {
        return new self(PlateStore::WIDTH, 14, 0.9, 4.0, 4000, 0.0, false);
    }

    /** As a frame that is kept, at the size of the finder: for whoever looks at what is measured and not at it. */
    public static function small(): self
    {
        return new self(PlateStore::FINDER_WIDTH, 14, 0.9, 4.0, 1500, 0.0, false);
    }

    /** The live picture in the finder, which has to be there at once. */
    public static function finder(): self
    {
        return new self(PlateStore::FINDER_WIDTH, 5, 2.6, 1.3, 500, 0.004, true);
    }

    /** The finder's picture through its magnifier: finer where it is looked at, and smaller. */
    public static function magnified(): self
    {
        return new self(720, 5, 1.4, 1.3, 500, 0.004, true);
    }

    /** What is shown beside a frame: as wide as other what-ifs are. */
    public static function retake(): self
    {
        return new self(1200, 5, 2.6, 1.3, 1500, 0.002, true);
    }

    public function height(): int
    {
        return intdiv($this->width * 2, 3);
    }
}
