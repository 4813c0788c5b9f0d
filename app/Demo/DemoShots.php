<?php

declare(strict_types=1);

namespace App\Demo;

use App\Practice\CameraSetup;
use App\Practice\CameraSetups;
use App\Practice\Scene;
use App\Practice\Shot;
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
            mode: ExposureMode::from($facts['mode']),
            aperture: isset($facts['n']) ? Aperture::of((float) $facts['n']) : null,
            time: isset($facts['t']) ? ExposureTime::of((float) $facts['t']) : null,
            iso: isset($facts['iso']) ? Iso::of((float) $facts['iso']) : null,
            compensation: Stops::of((float) ($facts['compensation'] ?? 0)),
            metering: MeteringPattern::from($facts['metering'] ?? 'scene'),
            aim: ['x' => $facts['aim'][0], 'y' => $facts['aim'][1]],
            takenAt: DateTimeImmutable::createFromInterface($takenAt),
            seed: 100 + $seed,
            condition: $facts['light'] ?? null,
            focus: isset($facts['focus']) ? (float) $facts['focus'] : null,
            filterStops: (float) ($facts['filter'] ?? 0),
            // What held the camera shakes it, whether its owner says so or not.
            support: Support::from($facts['held'] ?? ($facts['support'] ?? '') ?: 'hand'),
            flash: isset($facts['flash']) ? (float) $facts['flash'] : null,
            followed: (float) ($facts['followed'] ?? 0),
            moment: (float) ($facts['moment'] ?? 0),
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
        $framing = Framing::of($shortest, max($shortest, $shot->setup->focalLength35()), $shot->aim);
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
