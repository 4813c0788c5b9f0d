<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use App\Imaging\PlateRenderer;
use App\Imaging\TagWriter;
use InvalidArgumentException;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\PracticeCamera\Framing;
use TruePupil\Core\PracticeCamera\PlateExposure;

/** Presses the shutter: meters the scene, lets the camera choose what was left to it, and writes a JPEG with its record. */
final readonly class Shutter
{
    private const SMALLEST_APERTURE = 22.0;

    public function __construct(private PlateRenderer $renderer, private TagWriter $tags)
    {
    }

    public function press(Shot $shot, string $target): ExposureSettings
    {
        $framing = Framing::of($shot->scene->focalLength35, $shot->body->focalLength35(), $shot->aim);
        $settings = $this->settings($shot, $framing);
        $exposure = PlateExposure::of($settings, $shot->body->sensor());
        $this->renderer->render($shot->scene->plate, $shot->scene->candelasPerUnit, $framing, $exposure, $shot->seed, $target);
        $this->tags->write($target, new CaptureRecord(
            make: $shot->body->make,
            model: $shot->body->model,
            lens: $shot->body->lens,
            fNumber: $settings->aperture,
            exposureTime: $settings->time,
            iso: $settings->iso,
            compensation: $shot->compensation->value,
            mode: $shot->mode,
            metering: $shot->metering,
            flashFired: false,
            focalLength: $shot->body->focalLength,
            focalLength35: $shot->body->focalLength35(),
            whiteBalance: 'auto',
            takenAt: $shot->takenAt,
            widestFNumber: $shot->body->widestFNumber,
        ));

        return $settings;
    }

    private function settings(Shot $shot, Region $framing): ExposureSettings
    {
        $given = [$shot->aperture, $shot->time, $shot->iso];
        $left = count(array_filter($given, fn (mixed $value): bool => $value === null));
        if ($left === 0) {
            return new ExposureSettings(...$given);
        }
        if ($left > 1) {
            throw new InvalidArgumentException('This camera chooses one value; set two of aperture, exposure time and ISO.');
        }
        $mode = match (true) {
            $shot->time === null => ExposureMode::Aperture,
            $shot->aperture === null => ExposureMode::Shutter,
            default => ExposureMode::ManualAutoIso,
        };

        return ExposureSolver::solve(new ExposureRequest(
            $this->reading($shot, $framing)->value, $mode, new LensLimits($shot->body->widestFNumber, self::SMALLEST_APERTURE), new BodyLimits,
            $shot->aperture, $shot->time, $shot->iso, compensation: $shot->compensation->value,
        ))->settings;
    }

    private function reading(Shot $shot, Region $framing): Ev100
    {
        $grid = $this->renderer->meterGrid($shot->scene->plate, $shot->scene->candelasPerUnit, $framing);
        $pattern = $shot->metering === MeteringPattern::Other || $shot->metering === MeteringPattern::Unknown ? MeteringPattern::Scene : $shot->metering;

        return Ev100::of((new PatternMeter($grid))->verdict($pattern)->value ?? 0.0);
    }
}
