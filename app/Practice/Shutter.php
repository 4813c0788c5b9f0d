<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\TagWriter;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\ExposureSettings;

/** Presses the shutter: writes the JPEG that the practice camera makes, with its record. */
final readonly class Shutter
{
    private const QUALITY = 94;

    public function __construct(private SceneRenderer $renderer, private Finder $finder, private TagWriter $tags)
    {
    }

    /** @throws \InvalidArgumentException when the scene, the lens or the mode does not allow what was set */
    public function press(Shot $shot, string $target): ExposureSettings
    {
        $reading = $this->finder->look($shot);
        File::put($target, $this->renderer->picture($reading->rendering, RenderQuality::frame())->jpeg(self::QUALITY));
        $this->tags->write($target, self::record($shot, $reading));

        return $reading->settings();
    }

    /** What the camera writes down of a frame. */
    public static function record(Shot $shot, FinderReading $reading): CaptureRecord
    {
        [$setup, $settings] = [$shot->setup, $reading->settings()];

        return new CaptureRecord(
            camera: new RecordedCamera(make: $setup->make, model: $setup->body->name),
            lens: new RecordedLens(
                name: $setup->lens->name,
                focalLength: $setup->focalLength,
                focalLength35: round($setup->focalLength35()),
                widestFNumber: $setup->lens->widestAt($setup->focalLength)->nominal(),
            ),
            exposure: new RecordedExposure(
                fNumber: $settings->aperture,
                exposureTime: $settings->time,
                iso: $settings->iso,
                compensation: $shot->exposure->compensation->value,
                mode: $shot->exposure->mode,
                metering: $shot->exposure->metering,
                flashFired: $shot->light->flash !== null,
            ),
            handling: new RecordedHandling(
                whiteBalance: $shot->light->kelvin === null ? 'auto' : 'set',
                focusDistance: round($reading->rendering->optics->focused, 2),
            ),
            takenAt: $shot->press->takenAt,
        );
    }
}
