<?php

declare(strict_types=1);

namespace Tests\Core;

use TruePupil\Core\Brief\Approach;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Capture\Support;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Measure\Measures;
use TruePupil\Core\Measure\SubjectMeasures;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/** Makes situations from the few facts that a test is about; everything else is ordinary. */
final class Situations
{
    /**
     * @param  ?float  $subject  stops from mid-grey of an even subject; null: none marked
     * @param  float  $lostPct  of the subject, in %
     * @param  array{scene?: float, centre?: float, spot?: float, highlight?: float}  $metering
     */
    public static function make(
        float $n = 5.6,
        ?float $t = 1 / 100,
        ?float $iso = 100,
        ExposureMode $mode = ExposureMode::Aperture,
        ?float $compensation = 0.0,
        ?float $focalLength = 50,
        ?Support $support = Support::Hand,
        ?float $widest = 1.8,
        ?float $subject = 0.0,
        ?float $wanted = 4 / 3,
        float $lostPct = 0.0,
        float $blockedPct = 0.0,
        float $frameLostPct = 0.0,
        array $metering = [],
        MeteringPattern $pattern = MeteringPattern::Scene,
        Approach $approach = new Approach,
    ): Situation {
        $record = new CaptureRecord(
            lens: 'Marlpit 50 mm', fNumber: Aperture::of($n), exposureTime: $t === null ? null : ExposureTime::of($t), iso: $iso === null ? null : Iso::of($iso),
            compensation: $compensation, mode: $mode, metering: $pattern, focalLength: $focalLength, focalLength35: $focalLength, support: $support, widestFNumber: $widest,
        );
        $measures = new Measures(
            self::tone(0.0, $frameLostPct, 0.0),
            [...['scene' => 0.0, 'centre' => 0.0, 'spot' => 0.0, 'highlight' => 0.0], ...$metering],
            $subject === null ? null : new SubjectMeasures(Region::of(0.4, 0.3, 0.2, 0.4), self::tone($subject, $lostPct, $blockedPct)),
        );
        $placement = $wanted === null ? null : new Placement('it', $wanted > 0 ? 'white subject' : 'black subject', Stops::of($wanted));

        return new Situation($record, $measures, $approach, $placement);
    }

    /** An even tone of two neighbouring codes, mixed so that its mean is right. */
    private static function tone(float $stops, float $lostPct, float $blockedPct): ToneMeasures
    {
        $linear = 0.18 * 2 ** $stops;
        $code = min(254, (int) floor(Srgb::encoded(min(1.0, $linear)) * 255));
        [$low, $high] = [Srgb::linear($code / 255), Srgb::linear(($code + 1) / 255)];
        $upper = (int) round(1_000_000 * max(0.0, min(1.0, ($linear - $low) / ($high - $low))));
        $histogram = Histogram::of(array_replace(array_fill(0, 256, 0), [$code => 1_000_000 - $upper, $code + 1 => $upper]));

        return ToneMeasures::from(new PixelStatistics($histogram, $histogram, $histogram, $histogram, (int) ($lostPct * 10_000), (int) ($blockedPct * 10_000)));
    }
}
