<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\DngFile;
use App\Imaging\TagWriter;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\PracticeCamera\PlateExposure;
use TruePupil\Core\PracticeCamera\RawSensor;

/** Presses the shutter: writes the JPEG that the practice camera makes, the raw file or both, with their record. */
final readonly class Shutter
{
    private const QUALITY = 94;

    public function __construct(private SceneRenderer $renderer, private Finder $finder, private TagWriter $tags)
    {
    }

    /**
     * @param  ?string  $jpeg  where the JPEG goes, if one is wanted
     * @param  ?string  $raw  where the raw file goes (DNG), if one is wanted
     * @param  ?RenderQuality  $fineness  other than that of a frame that is kept
     *
     * @throws \InvalidArgumentException when the scene, the lens or the mode does not allow what was set
     */
    public function press(
        Shot $shot,
        ?string $jpeg,
        ?string $raw = null,
        ?RenderQuality $fineness = null,
    ): ExposureSettings {
        $fineness ??= RenderQuality::frame();
        $reading = $this->finder->look($shot);
        $picture = $this->renderer->picture($reading->rendering, $fineness)->jpeg(self::QUALITY);
        if ($jpeg !== null) {
            File::put($jpeg, $picture);
        }
        if ($raw !== null) {
            File::put($raw, $this->raw($shot, $reading, $picture, $fineness)->bytes());
        }
        foreach (array_filter([$jpeg, $raw]) as $file) {
            $this->tags->write($file, self::record($shot, $reading));
        }

        return $reading->settings();
    }

    private function raw(Shot $shot, FinderReading $reading, string $preview, RenderQuality $fineness): DngFile
    {
        $rendering = $reading->rendering;
        $noise = PlateExposure::of($rendering->exposure->settings, $rendering->film->sensor);
        // Where black is 0 and full is 1.
        $both = [$noise->noiseGain / RawSensor::FULL, ($noise->noiseFloor / RawSensor::FULL) ** 2];

        return DngFile::ofPracticeCamera(
            $this->renderer->mosaic($rendering, $fineness),
            $fineness->width,
            $fineness->height(),
            $rendering->film->whiteBalance,
            $both,
            trim($shot->setup->make.' '.$shot->setup->body->name),
            $preview,
        );
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
