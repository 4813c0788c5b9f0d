<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Colour\ColourMeasures;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Measures\Claims;
use TruePupil\Core\Measures\EyeLight;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\PeopleMeasures;
use TruePupil\Core\Measures\PreviewOf;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Measures\SubjectMeasures;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\FileKind;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Situation\Statement;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\RawCodes;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/** Makes situations from the few facts that a test is about; everything else is ordinary. */
final class Situations
{
    /** A phone whose app sets time and ISO. */
    public static function phone(): Kit
    {
        return new Kit(
            new Body('Pocket Three', SensorFormat::parse('9.8x7.3'), kind: BodyKind::Phone, setsTime: false),
            [Lens::prime('main camera', 6.8, 1.8, 1.8)],
        );
    }

    /**
     * @param  ?float  $subject  stops from mid-grey of an even subject; null: none marked
     * @param  float  $lostPct  of the subject, in %
     * @param  array<string, mixed>  $record  further facts of the record, by property
     * @param  list<CaptureRecord>  $earlier
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
        float $burntPct = 0.0,
        ?array $eyeLight = null,
        array $metering = [],
        MeteringPattern $pattern = MeteringPattern::Scene,
        Approach $approach = new Approach(),
        array $record = [],
        ?Kit $kit = null,
        Intent $intent = new Intent(),
        ?Plan $plan = null,
        ?Brief $brief = null,
        ?Series $series = null,
        array $earlier = [],
        ?string $file = null,
        ?string $colourSpace = null,
        ?Region $region = null,
        ?array $focus = null,
        ?array $composition = null,
        ?array $colour = null,
        ?string $reason = null,
        ?ToneMeasures $frame = null,
        ?EndAreas $ends = null,
        array $rowPictures = [],
        ?array $marks = null,
        array $rowTones = [],
        ?string $row = null,
        bool $isWithinRow = false,
        ?RawMeasures $raw = null,
        ?SubjectShape $shape = null,
        ?PeopleMeasures $people = null,
    ): Situation {
        $capture = new CaptureRecord(
            lens: new RecordedLens(
                name: 'Marlpit 50 mm',
                focalLength: $focalLength,
                focalLength35: $focalLength,
                widestFNumber: $widest,
            ),
            exposure: new RecordedExposure(
                fNumber: Aperture::of($n),
                exposureTime: $t === null ? null : ExposureTime::of($t),
                iso: $iso === null ? null : Iso::of($iso),
                compensation: $compensation,
                mode: $mode,
                metering: $pattern,
            ),
            support: $support,
        );
        $capture = Parts::changed($capture, ...$record);
        $measures = new FrameMeasures(
            $frame ?? self::tone(0.0, $frameLostPct, 0.0),
            [...['scene' => 0.0, 'centre' => 0.0, 'spot' => 0.0, 'highlight' => 0.0], ...$metering],
            $subject === null
                ? null
                : new SubjectMeasures(
                    $region ?? Region::of(0.4, 0.3, 0.2, 0.4),
                    self::tone($subject, $lostPct, $blockedPct),
                    $burntPct,
                    EyeLight::restore($eyeLight),
                    $shape,
                ),
            $focus === null
                ? null
                : FocusMeasures::restore([
                    ...[
                        'sharpest' => ['x' => 0.5, 'y' => 0.5],
                        'sharpness' => 0.9,
                        'eye' => null,
                        'smear' => null,
                        'confidence' => 1.0,
                        'columns' => 1,
                        'rows' => 1,
                        'map' => [0.9],
                    ],
                    ...$focus,
                    'subject' => self::area($focus['subject'] ?? []),
                    'eye' => isset($focus['eye']) ? self::area($focus['eye']) : null,
                ]),
            $composition === null
                ? null
                : CompositionMeasures::restore([
                    ...[
                        'tiltDeg' => 0.0,
                        'convergenceDeg' => null,
                        'symmetry' => 0.2,
                        'symmetryAxis' => 0.5,
                        'symmetryBest' => 0.2,
                        'attention' => [],
                        'balance' => ['x' => 0.5, 'y' => 0.5],
                        'edges' => [],
                        'plain' => [],
                        'lines' => [],
                        'crops' => [],
                        'subjectAttention' => null,
                        'ideas' => null,
                        'aspect' => 1.5,
                    ],
                    ...$composition,
                ]),
            $colour === null
                ? null
                : ColourMeasures::restore([
                    ...[
                        'cast' => ['warm' => 0.0, 'green' => 0.0],
                        'overSaturatedPct' => 0.0,
                        'dominant' => null,
                        'cornerStops' => 0.0,
                        'saturation' => 0.3,
                        'halo' => null,
                    ],
                    ...$colour,
                ]),
            ends: $ends,
            claims: new Claims(
                $marks === null
                    ? null
                    : MarkMeasures::restore([
                        ...['axis' => null, 'shares' => [], 'leads' => null, 'surround' => null, 'distractions' => []],
                        ...$marks,
                    ]),
                $people,
            ),
            preview: $raw === null ? null : new PreviewOf($raw),
        );
        $placement =
            $wanted === null
                ? null
                : new Placement('it', $wanted > 0 ? 'white subject' : 'black subject', Stops::of($wanted));

        return new Situation(
            record: $capture,
            measures: $measures,
            approach: $approach,
            assignment: new Assignment(
                wanted: $placement,
                brief: $brief,
                series: $series,
                rowPictures: $rowPictures,
                rowTones: $rowTones,
                row: $row,
                isWithinRow: $isWithinRow,
            ),
            kit: $kit,
            statement: new Statement(intent: $intent, plan: $plan, reason: $reason),
            earlier: $earlier,
            file: new FileKind(format: $file, colourSpace: $colourSpace),
        );
    }

    /**
     * What a sensor holds: pixels by stops below the end of their channel, in percent; 0 is at the end.
     *
     * @param  array<string, float>  $red  percent by stops
     * @param  array<string, float>  $green
     * @param  array<string, float>  $blue
     */
    public static function raw(array $red, array $green, array $blue): RawTones
    {
        $channel = function (array $percent): Histogram {
            $counts = array_fill(0, 256, 0);
            foreach ($percent as $stops => $share) {
                $counts[RawCodes::code((float) $stops)] += (int) round(10_000 * $share);
            }

            return Histogram::of($counts);
        };

        return RawTones::ofCounts($channel($red), $channel($green), $channel($blue));
    }

    /**
     * A full-frame kit with a 50 mm ƒ/1.8, a 24–70 mm ƒ/4 and a 200 mm ƒ/4, hands and a tripod.
     *
     * @param  array<string, mixed>  $body  changed or further facts of the body
     * @param  array<string, mixed>  $more  further parts of the kit
     */
    public static function kit(array $body = [], array $more = []): Kit
    {
        return KitFormat::read(
            Fields::of([
                'body' => [
                    'name' => 'Marlpit One',
                    'format' => '36x24',
                    'pixels' => [6000, 4000],
                    'isoMin' => 50,
                    'isoBase' => 100,
                    'isoMax' => 51200,
                    'isoNativeMax' => 25600,
                    'flashSync' => 1 / 200,
                    'comfortableIso' => 3200,
                    ...$body,
                ],
                'lenses' => [
                    [
                        'name' => 'Marlpit 50 mm',
                        'minFocal' => 50,
                        'widestAtMin' => 1.8,
                        'smallest' => 16,
                        'closestFocus' => 0.45,
                    ],
                    [
                        'name' => 'Marlpit 24–70 mm',
                        'minFocal' => 24,
                        'maxFocal' => 70,
                        'widestAtMin' => 4,
                        'smallest' => 22,
                        'closestFocus' => 0.4,
                    ],
                    [
                        'name' => 'Marlpit 200 mm',
                        'minFocal' => 200,
                        'widestAtMin' => 4,
                        'smallest' => 22,
                        'closestFocus' => 1.5,
                    ],
                ],
                'supports' => ['hand', 'tripod'],
                ...$more,
            ]),
        );
    }

    /**
     * Frames one after another.
     *
     * @param  list<array{0: float, 1: float, 2: float, 3: int, 4?: float}>  $frames
     *   f-number, seconds, ISO, second at which it was taken, focal length in mm
     * @return list<CaptureRecord>
     */
    public static function frames(array $frames, ?DriveMode $drive = null): array
    {
        return array_map(
            fn (array $frame): CaptureRecord => new CaptureRecord(
                exposure: new RecordedExposure(
                    fNumber: Aperture::of($frame[0]),
                    exposureTime: ExposureTime::of($frame[1]),
                    iso: Iso::of($frame[2]),
                    mode: ExposureMode::Manual,
                ),
                lens: new RecordedLens(focalLength: $frame[4] ?? null),
                takenAt: (new DateTimeImmutable('2026-10-03 18:00:00'))->modify('+'.$frame[3].' seconds'),
                handling: new RecordedHandling(drive: $drive),
            ),
            $frames,
        );
    }

    /**
     * A situation that closes a series.
     *
     * @param  list<array{0: float, 1: float, 2: float, 3: int, 4?: float}>  $frames
     */
    public static function series(
        array $frames,
        ?SeriesKind $declared = null,
        ?float $sceneStops = null,
        ?DriveMode $drive = null,
        array $pictures = [],
        array $tones = [],
        ?string $row = null,
    ): Situation {
        $records = self::frames($frames, $drive);

        return self::make(
            iso: end($frames)[2],
            mode: ExposureMode::Manual,
            intent: new Intent(sceneStops: $sceneStops),
            kit: self::kit(),
            series: Series::of($records, $declared),
            record: ['drive' => $drive],
            rowPictures: $pictures,
            rowTones: $tones,
            row: $row,
        );
    }

    /** @param  array<int, int>  $counts  pixels by code */
    public static function tones(array $counts): ToneMeasures
    {
        $histogram = Histogram::of(array_replace(array_fill(0, 256, 0), $counts));
        [$lost, $blocked] = [
            array_sum(array_slice($histogram->counts, 254)),
            array_sum(array_slice($histogram->counts, 0, 2)),
        ];

        return ToneMeasures::from(new PixelStatistics($histogram, $histogram, $histogram, $histogram, $lost, $blocked));
    }

    /** An even tone of two neighbouring codes, mixed so that its mean is right. */
    /**
     * @param  array<string, mixed>|false  $area  what differs from a crisp part; false for none
     * @return ?array<string, mixed>
     */
    private static function area(array|false $area): ?array
    {
        $crisp = ['sharpness' => 0.9, 'ratio' => 1.0, 'crisp' => 1.0, 'moved' => null];

        return $area === false ? null : [...$crisp, ...$area];
    }

    public static function tone(float $stops, float $lostPct, float $blockedPct): ToneMeasures
    {
        $linear = 0.18 * 2 ** $stops;
        $code = min(254, (int) floor(Srgb::encoded(min(1.0, $linear)) * 255));
        [$low, $high] = [Srgb::linear($code / 255), Srgb::linear(($code + 1) / 255)];
        $upper = (int) round(1_000_000 * max(0.0, min(1.0, ($linear - $low) / ($high - $low))));
        $histogram = Histogram::of(
            array_replace(array_fill(0, 256, 0), [$code => 1_000_000 - $upper, $code + 1 => $upper]),
        );

        return ToneMeasures::from(
            new PixelStatistics(
                $histogram,
                $histogram,
                $histogram,
                $histogram,
                (int) ($lostPct * 10_000),
                (int) ($blockedPct * 10_000),
            ),
        );
    }
}
