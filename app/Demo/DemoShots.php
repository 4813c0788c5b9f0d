<?php

declare(strict_types=1);

namespace App\Demo;

use App\Practice\CameraSetup;
use App\Practice\CameraSetups;
use App\Practice\Scene;
use App\Practice\Shot;
use App\Practice\ShotExposure;
use App\Practice\ShotFocus;
use App\Practice\ShotHold;
use App\Practice\ShotLight;
use App\Practice\ShotPress;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\PracticeCamera\Framing;

/** Turns the facts of a demo attempt into what is set on the practice camera. */
final readonly class DemoShots
{
    /** @param  array<string, mixed>  $facts */
    public function shot(array $facts, DateTimeInterface $takenAt, int $seed): Shot
    {
        return new Shot(
            scene: Scene::find($facts['scene']),
            setup: $this->setup($facts['body']),
            exposure: new ShotExposure(
                mode: ExposureMode::from($facts['mode']),
                aperture: isset($facts['n']) ? Aperture::of((float) $facts['n']) : null,
                time: isset($facts['t']) ? ExposureTime::of((float) $facts['t']) : null,
                iso: isset($facts['iso']) ? Iso::of((float) $facts['iso']) : null,
                compensation: Stops::of((float) ($facts['compensation'] ?? 0)),
                metering: MeteringPattern::from($facts['metering'] ?? 'scene'),
            ),
            hold: new ShotHold(
                aim: ['x' => $facts['aim'][0], 'y' => $facts['aim'][1]],
                support: Support::from($facts['held'] ?? ($facts['support'] ?? '') ?: 'hand'),
                followed: (float) ($facts['followed'] ?? 0),
            ),
            press: new ShotPress(
                takenAt: DateTimeImmutable::createFromInterface($takenAt),
                seed: 100 + $seed,
                moment: (float) ($facts['moment'] ?? 0),
            ),
            light: new ShotLight(
                condition: $facts['light'] ?? null,
                filterStops: (float) ($facts['filter'] ?? 0),
                flash: isset($facts['flash']) ? (float) $facts['flash'] : null,
            ),
            focusing: new ShotFocus(distance: isset($facts['focus']) ? (float) $facts['focus'] : null),
        );
    }

    /**
     * The subject's rectangle, given on the plate, as it lies in the frame.
     *
     * @param  array<string, mixed>  $facts
     * @return array{x: float, y: float, width: float, height: float}
     */
    public function subject(array $facts, Shot $shot): array
    {
        $shortest = $shot->scene->view->focalLength35;
        $framing = Framing::of($shortest, max($shortest, $shot->setup->focalLength35()), $shot->hold->aim);
        [$x, $y, $width, $height] = $facts['subject'];

        return [
            'x' => ($x - $framing->x) / $framing->width,
            'y' => ($y - $framing->y) / $framing->height,
            'width' => $width / $framing->width,
            'height' => $height / $framing->height,
        ];
    }

    private function setup(string $id): CameraSetup
    {
        $facts = File::json(base_path('demo/kilnyard/bodies.json'), JSON_THROW_ON_ERROR)[$id];

        return CameraSetups::ofDemo($facts['kit'])->with($facts['lens'], (float) $facts['focalLength']);
    }
}
