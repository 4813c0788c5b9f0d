<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;

/** Makes the drills of one kind. The same scene, level, seed and approach always give the same drill. */
abstract class DrillMaker
{
    /** @param  Approach  $approach  of the course: what it leaves to the camera, and what not */
    abstract public function make(
        DrillScene $scene,
        int $level,
        int $seed,
        Approach $approach = new Approach(),
    ): Drill;

    public static function of(DrillKind $kind): self
    {
        return match ($kind) {
            DrillKind::Match => new MatchDrills(),
            DrillKind::Changed => new ChangedDrills(),
            DrillKind::MeterSays => new MeterDrills(),
            DrillKind::Histogram => new HistogramDrills(),
            DrillKind::Mode => new ModeDrills(),
            DrillKind::Place => new PlaceDrills(),
            DrillKind::CameraChooses => new CameraDrills(),
            DrillKind::Raw => new RawDrills(),
            DrillKind::Flash => new FlashDrills(),
            DrillKind::SafeTime => new SafeTimeDrills(),
        };
    }

    /**
     * Settings that the light asks for, as a person might have set them: aperture and ISO by lot, the time that they
     * need.
     *
     * @param  int  $grain  3 keeps to whole stops, 1 allows thirds
     */
    protected static function settings(RandomChoice $draw, float $ev100, int $grain): ExposureSettings
    {
        // f/2.8 to f/11, and an ISO that keeps the time between 1/2000 s and 1/15 s where it can.
        $aperture = Aperture::atStep($grain * $draw->whole((int) ceil(9 / $grain), intdiv(21, $grain)));
        $wanted = 3 * ($aperture->apex() - $ev100) + 3 * $draw->whole(5, 9);
        $iso = Iso::atStep((int) max(0, min(24, $grain * round($wanted / $grain))));
        $time = ExposureTime::atStep(
            (int) max(
                -39,
                min(12, $grain * round((3 * ($aperture->apex() - $iso->stopsAbove100() - $ev100)) / $grain)),
            ),
        );

        return new ExposureSettings($aperture, $time, $iso);
    }
}
