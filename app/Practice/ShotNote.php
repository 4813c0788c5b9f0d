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
use TruePupil\Core\Kit\FocusMode;
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
            'condition' => $shot->light->condition,
            'mode' => $shot->exposure->mode->value,
            'takenAt' => $shot->press->takenAt->format(DATE_ATOM),
            'seed' => $shot->press->seed,
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
            'n' => $shot->exposure->aperture?->exact,
            't' => $shot->exposure->time?->exact,
            'iso' => $shot->exposure->iso?->exact,
            'compensation' => $shot->exposure->compensation->value,
            'metering' => $shot->exposure->metering->value,
            'aim' => $shot->hold->aim,
            'point' => $shot->focusing->point,
            'focus' => $shot->focusing->distance,
            'filter' => $shot->light->filterStops,
            'graduated' => $shot->light->graduated === null
                    ? null
                    : [$shot->light->graduated->stops, $shot->light->graduated->height],
            'kelvin' => $shot->light->kelvin,
            'support' => $shot->hold->support->value,
            'stabilised' => $shot->hold->stabilised,
            'flash' => $shot->light->flash,
            'flashFrom' => $shot->light->flashFrom,
            'followed' => $shot->hold->followed,
            'moment' => $shot->press->moment,
            'held' => $shot->exposure->heldEv100,
            'focusing' => $shot->focusing->mode?->value,
            'tracks' => $shot->focusing->tracks,
            'lean' => $shot->hold->lean,
            'isSilent' => $shot->press->isSilent,
        ];
    }

    /**
     * @param  array<string, mixed>  $note
     *
     * @throws InvalidArgumentException when the scene is gone, or the lens does not go as far as was asked
     */
    public static function read(array $note, ?Lens $lens = null, ?float $focalLength = null): Shot
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

        return new Shot(
            Scene::find($note['scene']),
            $setup,
            new ShotExposure(
                ExposureMode::from($note['mode']),
                $note['n'] === null ? null : Aperture::of($note['n']),
                $note['t'] === null ? null : ExposureTime::of($note['t']),
                $note['iso'] === null ? null : Iso::of($note['iso']),
                Stops::of($note['compensation']),
                MeteringPattern::from($note['metering']),
                AutoIso::byFocalLength(
                    $body->limits->isoBase,
                    $body->limits->isoMax,
                    $setup->focalLength,
                    $body->format,
                ),
                $note['held'],
            ),
            new ShotHold(
                $note['aim'],
                Support::from($note['support']),
                $note['stabilised'],
                (float) $note['followed'],
                (float) ($note['lean'] ?? 0),
            ),
            new ShotPress(
                new DateTimeImmutable($note['takenAt']),
                $note['seed'],
                (float) $note['moment'],
                $note['isSilent'] ?? false,
            ),
            new ShotLight(
                $note['condition'],
                (float) $note['filter'],
                $note['graduated'] === null ? null : new GraduatedFilter(...$note['graduated']),
                $note['flash'],
                $note['kelvin'],
                $note['flashFrom'] ?? 'camera',
            ),
            new ShotFocus(
                $note['focus'],
                $note['point'],
                FocusMode::tryFrom($note['focusing'] ?? ''),
                $note['tracks'] ?? false,
            ),
        );
    }
}
