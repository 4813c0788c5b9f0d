<?php

declare(strict_types=1);

namespace App\Demo;

use App\PracticeCamera\Body;
use App\PracticeCamera\Scene;
use App\PracticeCamera\Shot;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\PracticeCamera\Framing;
use TruePupil\Core\Sensor\Format;

/** Turns the facts of a demo attempt into what is set on the practice camera. */
final readonly class DemoShots
{
    /** @param  array<string, mixed>  $facts */
    public function shot(array $facts, DateTimeInterface $takenAt, int $seed): Shot
    {
        return new Shot(
            scene: Scene::find($facts['scene']),
            body: $this->body($facts['body']),
            mode: ExposureMode::from($facts['mode']),
            aperture: isset($facts['n']) ? Aperture::of((float) $facts['n']) : null,
            time: isset($facts['t']) ? ExposureTime::of((float) $facts['t']) : null,
            iso: isset($facts['iso']) ? Iso::of((float) $facts['iso']) : null,
            compensation: Stops::of((float) $facts['compensation']),
            metering: MeteringPattern::Scene,
            aim: ['x' => $facts['aim'][0], 'y' => $facts['aim'][1]],
            takenAt: DateTimeImmutable::createFromInterface($takenAt),
            seed: 100 + $seed,
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
        $framing = Framing::of($shot->scene->focalLength35, $shot->body->focalLength35(), $shot->aim);
        [$x, $y, $width, $height] = $facts['subject'];

        return [
            'x' => ($x - $framing->x) / $framing->width,
            'y' => ($y - $framing->y) / $framing->height,
            'width' => $width / $framing->width,
            'height' => $height / $framing->height,
        ];
    }

    public function body(string $id): Body
    {
        $facts = File::json(base_path('demo/kilnyard/bodies.json'), JSON_THROW_ON_ERROR)[$id];

        return new Body(
            $facts['make'], $facts['model'], $facts['lens'], Format::parse($facts['format']),
            (int) $facts['pixels'], (float) $facts['focalLength'], (float) $facts['widest'],
        );
    }
}
