<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\PixelProgram;
use DateTimeImmutable;
use TruePupil\Core\Drill\DrillFrame;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** The pictures of a drill, taken by the practice camera on a tripod. */
final readonly class DrillPicture
{
    public function __construct(
        private Finder $finder,
        private SceneRenderer $renderer,
        private PixelProgram $pixels,
    ) {
    }

    public function of(DrillFrame $frame): FinderPicture
    {
        $scene = Scene::find($frame->scene);
        $setup = CameraSetups::ofDemo()->suiting($scene);
        // The lens in the drill opens as far as the question says.
        $lens = new \TruePupil\Core\Kit\Lens(
            $setup->lens->name,
            $setup->lens->minFocal,
            $setup->lens->maxFocal,
            1.0,
            1.0,
            32.0,
        );
        $place = $scene->places[0] ?? null;
        $reading = $this->finder->look(
            new Shot(
                scene: $scene,
                setup: new CameraSetup($setup->body, $lens, $setup->focalLength),
                exposure: new ShotExposure(
                    mode: ExposureMode::Bulb,
                    aperture: $frame->settings->aperture,
                    time: $frame->settings->time,
                    iso: $frame->settings->iso,
                    compensation: Stops::none(),
                    metering: MeteringPattern::Scene,
                ),
                hold: new ShotHold(aim: ['x' => 0.5, 'y' => 0.5]),
                press: new ShotPress(takenAt: new DateTimeImmutable('@0'), seed: 7),
                focusing: new ShotFocus(
                    point: $place === null ? ['x' => 0.5, 'y' => 0.5] : ['x' => $place->at[0], 'y' => $place->at[1]],
                ),
            ),
        );

        return FinderPicture::of($this->renderer, $this->pixels, $reading->rendering);
    }
}
