<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\RawCodes;
use TruePupil\Core\Tone\RawTones;

/** What the practice camera's raw file would hold of what is seen in its finder. */
final class SensorTones
{
    /** Columns of what is counted: so many pixels tell as much as all. */
    private const COUNTED = 320;

    public static function of(SceneRenderer $renderer, Rendering $rendering): RawTones
    {
        $values = $renderer->sensor($rendering, RenderQuality::finder())->kept();
        // A mean of neighbours would hide what is lost.
        $bytes = $values->resized(self::COUNTED, intdiv(self::COUNTED * 2, 3), false)->bytes();
        $counts = array_fill(0, 3, array_fill(0, 256, 0));
        $codes = [];
        $channel = 0;
        foreach (unpack('v*', $bytes) ?: [] as $value) {
            $code = $codes[$value] ??= self::code($value - RawSensor::BLACK);
            $counts[$channel][$code]++;
            $channel = ($channel + 1) % 3;
        }

        return RawTones::ofCounts(...array_map(Histogram::of(...), $counts));
    }

    private static function code(int $value): int
    {
        return $value <= 0 ? 0 : RawCodes::code(log($value / (RawSensor::WHITE - RawSensor::BLACK), 2));
    }
}
