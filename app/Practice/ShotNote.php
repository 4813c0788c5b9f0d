<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeShot;
use DateTimeImmutable;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\PracticeCamera\GraduatedFilter;

/** What was set on the practice camera, as plain data, so that the same moment can be photographed again. */
final class ShotNote
{
    /** Notes for a file that was made what was set for it. */
    public static function remember(string $path, Shot $shot): void
    {
        PracticeShot::query()->createOrFirst(
            ['hash' => (string) hash_file('sha256', $path)],
            ['shot' => self::write($shot)],
        );
    }

    /** @return array<string, mixed> */
    public static function write(Shot $shot): array
    {
        [$body, $lens] = [$shot->setup->body, $shot->setup->lens];

        return [
            'scene' => $shot->scene->id,
            'condition' => $shot->condition,
            'mode' => $shot->mode->value,
            'takenAt' => $shot->takenAt->format(DATE_ATOM),
            'seed' => $shot->seed,
            'body' => [
                'make' => $shot->setup->make,
                'name' => $body->name,
                'format' => [$body->format->width, $body->format->height],
                'pixelsAcross' => $body->pixelsAcross,
                'stabiliserStops' => $body->stabiliserStops,
                'fastest' => $body->limits->fastest,
                'slowest' => $body->limits->slowest,
                'isoMin' => $body->limits->isoMin,
                'isoMax' => $body->limits->isoMax,
                'isoBase' => $body->limits->isoBase,
            ],
            'lens' => get_object_vars($lens),
            'focalLength' => $shot->setup->focalLength,
            'n' => $shot->aperture?->exact,
            't' => $shot->time?->exact,
            'iso' => $shot->iso?->exact,
            'compensation' => $shot->compensation->value,
            'metering' => $shot->metering->value,
            'aim' => $shot->aim,
            'point' => $shot->point,
            'focus' => $shot->focus,
            'filter' => $shot->filterStops,
            'graduated' => $shot->graduated === null ? null : [$shot->graduated->stops, $shot->graduated->height],
            'kelvin' => $shot->kelvin,
            'support' => $shot->support->value,
            'stabilised' => $shot->stabilised,
            'flash' => $shot->flash,
            'followed' => $shot->followed,
            'moment' => $shot->moment,
            'held' => $shot->heldEv100,
        ];
    }

    /**
     * @param  array<string, mixed>  $note
     * @param  array<string, mixed>  $changes  by property of the shot
     *
     * @throws InvalidArgumentException when the scene is gone, or the lens does not go as far as was asked
     */
    public static function read(array $note, array $changes = [], ?Lens $lens = null, ?float $focalLength = null): Shot
    {
        $facts = $note['body'];
        $body = new Body(
            $facts['name'],
            SensorFormat::ofSize(...$facts['format']),
            new BodyLimits(
                (float) $facts['fastest'],
                (float) $facts['slowest'],
                (float) $facts['isoMin'],
                (float) $facts['isoMax'],
                isoBase: $facts['isoBase'],
            ),
            $facts['pixelsAcross'],
            (float) $facts['stabiliserStops'],
        );
        $setup = new CameraSetup(
            $body,
            $lens ?? new Lens(...$note['lens']),
            $focalLength ?? (float) $note['focalLength'],
            $facts['make'],
        );
        $shot = [
            'scene' => Scene::find($note['scene']),
            'setup' => $setup,
            'mode' => ExposureMode::from($note['mode']),
            'aperture' => $note['n'] === null ? null : Aperture::of($note['n']),
            'time' => $note['t'] === null ? null : ExposureTime::of($note['t']),
            'iso' => $note['iso'] === null ? null : Iso::of($note['iso']),
            'compensation' => Stops::of($note['compensation']),
            'metering' => MeteringPattern::from($note['metering']),
            'aim' => $note['aim'],
            'takenAt' => new DateTimeImmutable($note['takenAt']),
            'seed' => $note['seed'],
            'condition' => $note['condition'],
            'focus' => $note['focus'],
            'filterStops' => (float) $note['filter'],
            'graduated' => $note['graduated'] === null ? null : new GraduatedFilter(...$note['graduated']),
            'kelvin' => $note['kelvin'],
            'support' => Support::from($note['support']),
            'stabilised' => $note['stabilised'],
            'flash' => $note['flash'],
            'followed' => (float) $note['followed'],
            'moment' => (float) $note['moment'],
            'autoIso' => AutoIso::byFocalLength(
                $body->limits->isoBase,
                $body->limits->isoMax,
                $setup->focalLength,
                $body->format,
            ),
            'point' => $note['point'],
            'heldEv100' => $note['held'],
        ];

        return new Shot(...[...$shot, ...$changes]);
    }
}
