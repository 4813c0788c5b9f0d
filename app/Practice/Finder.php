<?php

declare(strict_types=1);

namespace App\Practice;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\SetValues;
use TruePupil\Core\PracticeCamera\Framing;
use TruePupil\Core\PracticeCamera\Shake;
use TruePupil\Core\PracticeCamera\WhiteBalance;

/**
 * Looks through the practice camera: frames, focuses and meters the scene, and lets the camera choose what was left to
 * it.
 */
final readonly class Finder
{
    /** Where a lens focuses that finds nothing but sky: as good as infinity, in metres. */
    private const SKY = 1000.0;

    /** Lenses whose focal lengths differ by less than this share see the same. */
    private const SAME = 0.97;

    public function __construct(private SceneRenderer $renderer)
    {
    }

    /** @throws InvalidArgumentException when the scene, the lens or the mode does not allow what was set */
    public function look(Shot $shot): FinderReading
    {
        [$scene, $setup] = [$shot->scene, $shot->setup];
        [$shortest, $longest] = $scene->focalLengths35();
        if ($setup->focalLength35() > $longest * 1.005) {
            throw new InvalidArgumentException(
                sprintf(
                    'This scene has pixels for up to %s mm (as on 36 × 24 mm); %s mm is %s mm there.',
                    round($longest),
                    round($setup->focalLength, 1),
                    round($setup->focalLength35()),
                ),
            );
        }
        // On a smaller sensor a lens that should see the whole plate may fall short of it by a hair.
        $focalLength35 = $setup->focalLength35();
        $framing = Framing::of(
            $shortest,
            $focalLength35 > self::SAME * $shortest ? max($shortest, $focalLength35) : $focalLength35,
            $shot->hold->aim,
        );
        $condition = $scene->condition($shot->light->condition);
        $light = $this->renderer->meterGrid($scene, $condition, $framing);
        $point = FocusTarget::point($shot, $framing);
        $pattern = in_array($shot->exposure->metering, [MeteringPattern::Other, MeteringPattern::Unknown], true)
            ? MeteringPattern::Scene
            : $shot->exposure->metering;
        $meter = new PatternMeter($light, $point);
        $metered = $shot->exposure->heldEv100 ?? Ev100::of($meter->verdict($pattern)->value ?? 0.0)->value;
        $request = new ExposureRequest(
            sceneEv100: $metered,
            mode: $shot->exposure->mode === ExposureMode::Unknown ? ExposureMode::Manual : $shot->exposure->mode,
            lens: $setup->lens->limitsAt($setup->focalLength),
            body: $setup->body->limits,
            set: new SetValues(
                aperture: $shot->exposure->aperture,
                time: $shot->exposure->time,
                iso: $shot->exposure->iso,
                autoIso: $shot->exposure->autoIso,
                compensation: $shot->exposure->compensation->value,
            ),
            filterStops: $shot->light->filterStops,
            flash: $shot->light->flash !== null,
        );
        $solved = ExposureSolver::solve($request);
        $focused =
            $shot->focusing->distance ??
            (FocusTarget::moverAt($shot, $framing, $point) ??
                $this->renderer->distanceAt($scene, ...FocusTarget::onPlate($framing, $point, $shot->hold->lean)) ??
                self::SKY);
        $focused = max($focused, $setup->lens->closestFocus, (2 * $setup->focalLength) / 1000);
        $steadier = $shot->hold->support->stopsSteadier();
        $rendering = new Rendering(
            scene: $scene,
            condition: $condition,
            optics: new RenderedView(
                framing: $framing,
                focalLength: $setup->focalLength,
                format: $setup->body->format,
                focused: $focused,
                point: $point,
                lean: $shot->hold->lean,
            ),
            exposure: new RenderedExposure(
                settings: $solved->settings,
                filterStops: $shot->light->filterStops,
                graduated: $shot->light->graduated,
                flash: $shot->light->flash,
                flashFrom: $shot->light->flashFrom,
            ),
            film: new RenderedSensor(
                sensor: $setup->sensor(),
                whiteBalance: $shot->light->kelvin === null
                    ? WhiteBalance::automatic($condition->kelvin)
                    : WhiteBalance::of($shot->light->kelvin),
                seed: $shot->press->seed,
            ),
            motion: new RenderedMotion(
                shake: $steadier === null
                    ? Shake::none()
                    : Shake::byHand(
                        $setup->focalLength,
                        $setup->body->format,
                        $steadier + ($shot->hold->stabilised ? $setup->stabiliserStops() : 0.0),
                        $solved->settings->time->exact,
                        $shot->press->seed,
                    ),
                followed: $shot->hold->followed,
                moment: $shot->press->moment,
                isSilent: $shot->press->isSilent,
            ),
        );

        return new FinderReading($rendering, $request, $solved, FinderDisplay::of($request, $solved), $meter, $metered);
    }
}
