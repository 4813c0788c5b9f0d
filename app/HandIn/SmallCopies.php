<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use App\Models\Picture;
use TruePupil\Core\Capture\UnreadablePicture;

/** Pictures as they lie on a contact sheet: made of the working copy, once. */
final readonly class SmallCopies
{
    /** Longest side, pixels: sharp on a screen with two pixels to a point. */
    private const SIDE = 480;

    private const QUALITY = 82;

    public function __construct(private WorkingCopies $copies, private Vips $vips)
    {
    }

    /**
     * @return string its path
     *
     * @throws UnreadablePicture when the original is gone or cannot be decoded
     */
    public function path(Picture $picture): string
    {
        return $this->copies->made($picture, 'small', function () use ($picture): string {
            $whole = Light::open($this->vips, $this->copies->path($picture));
            $scale = min(1.0, self::SIDE / max($whole->width, $whole->height));

            return $whole
                ->resized(max(1, (int) round($whole->width * $scale)), max(1, (int) round($whole->height * $scale)))
                ->jpeg(self::QUALITY);
        });
    }
}
