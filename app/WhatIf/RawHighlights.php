<?php

declare(strict_types=1);

namespace App\WhatIf;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Measures\SensorLight;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * What a raw file holds where the camera's rendering of it is white, for trials that make a picture darker: the
 * rendering has nothing there that could become darker.
 */
final readonly class RawHighlights
{
    /** Luminance of the rendering from which the raw file takes over, and by which it has. */
    private const FROM = 0.75;

    private const TO = 0.95;

    private function __construct(private SensorLight $light, private float $end)
    {
    }

    /** Null where there is no raw file, nothing is white, or nobody can tell how the two lie to each other. */
    public static function of(PixelReading $reading): ?self
    {
        $sensor = $reading->preview?->sensor;
        if ($sensor === null) {
            return null;
        }
        $tone = ToneMeasures::from($reading->statistics());
        if (max($tone->lostHighlightsPctByChannel) < 100 * RawTones::GLINTS) {
            return null;
        }
        $end = (new RawMeasures($sensor->tones))->endFromMidGrey($tone);

        return $end === null ? null : new self($sensor->light, $end);
    }

    /** The rendering's light, with the raw file's where it is as good as white. */
    public function into(Light $rendering, Vips $vips): Light
    {
        $rendering = $rendering->kept();
        $held = Light::fromWholeNumbers($vips, $this->light->bytes(), $this->light->columns, $this->light->rows, 3)
            ->toFloat()
            ->resized($rendering->width, $rendering->height)
            ->linear((Srgb::MID_GREY * 2 ** $this->end) / $this->light->full);
        $share = $rendering
            ->weighed(Srgb::WEIGHTS)
            ->linear(255 / (self::TO - self::FROM), -255 * self::FROM / (self::TO - self::FROM))
            ->toBytes();

        return $share->blended($held, $rendering);
    }
}
