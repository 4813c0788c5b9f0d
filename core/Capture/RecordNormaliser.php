<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use DateTimeImmutable;
use DateTimeZone;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;

/**
 * Turns the tags of a file into a capture record. EXIF's own group counts first; what only the maker's notes say is
 * taken by its printed meaning and marked as such. Values that cannot be, such as a zero f-number from a lens without
 * contacts, count as not recorded.
 */
final class RecordNormaliser
{
    /** What held the practice camera. No tag of any file tells what held a camera. */
    public const PRACTICE_SUPPORT = 'PracticeCamera:Support';

    /** @param  array<string, mixed>  $tags  EXIF numbers by plain name; other groups with their name before a colon */
    public function normalise(array $tags): CaptureRecord
    {
        $file = new FileTags($tags);
        [$exposureTags, $lensTags, $handlingTags] = [
            new ExposureTags($file),
            new LensTags($file),
            new HandlingTags($file),
        ];
        [$exposure, $lens, $handling] = [$exposureTags->read(), $lensTags->read(), $handlingTags->read()];
        $camera = new RecordedCamera($file->text('Make'), $file->text('Model'));
        $takenAt = self::takenAt($file);
        $support = Support::tryFrom($file->text(self::PRACTICE_SUPPORT) ?? '');
        $origin = PictureOrigin::ofTag($file->whole('CompositeImage'));
        $sources = [...$exposureTags->sources, ...$lensTags->sources, ...$handlingTags->sources];

        return new CaptureRecord(
            $camera,
            $lens,
            $exposure,
            $handling,
            $takenAt,
            $support,
            provenance: self::provenance(
                [
                    'make' => $camera->make,
                    'model' => $camera->model,
                    'lens' => $lens->name,
                    'focalLength' => $lens->focalLength,
                    'focalLength35' => $lens->focalLength35,
                    'widestFNumber' => $lens->widestFNumber,
                    'fNumber' => $exposure->fNumber,
                    'exposureTime' => $exposure->exposureTime,
                    'iso' => $exposure->iso,
                    'isoAutomatic' => $exposure->isoAutomatic,
                    'compensation' => $exposure->compensation,
                    'mode' => $exposure->mode,
                    'metering' => $exposure->metering,
                    'flashFired' => $exposure->flashFired,
                    'whiteBalance' => $handling->whiteBalance,
                    'kelvin' => $handling->kelvin,
                    'focusMode' => $handling->focusMode,
                    'focusPoint' => $handling->focusPoint,
                    'focusDistance' => $handling->focusDistance,
                    'drive' => $handling->drive,
                    'stabiliser' => $handling->stabiliser,
                    'silent' => $handling->silent,
                    'style' => $handling->processing->style,
                    'highIsoNoise' => $handling->processing->highIsoNoise,
                    'longExposureNoise' => $handling->processing->longExposureNoise,
                    'takenAt' => $takenAt,
                    'support' => $support,
                    'origin' => $origin,
                ],
                [...$sources, 'support' => Provenance::PracticeCamera],
            ),
            origin: $origin,
        );
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  array<string, Provenance>  $sources
     * @return array<string, Provenance> of what was found
     */
    private static function provenance(array $found, array $sources): array
    {
        $known = array_filter(
            $found,
            fn (mixed $value): bool => $value !== null &&
                $value !== ExposureMode::Unknown &&
                $value !== MeteringPattern::Unknown,
        );
        $provenance = [];
        foreach (array_keys($known) as $field) {
            $provenance[$field] = $sources[$field] ?? Provenance::File;
        }

        return $provenance;
    }

    /** By the camera's clock: with the zone where the file records its offset, else as if in UTC. */
    private static function takenAt(FileTags $file): ?DateTimeImmutable
    {
        $clock = substr($file->text('DateTimeOriginal') ?? '', 0, 19);
        $offset = $file->text('OffsetTimeOriginal', 'OffsetTime') ?? '';
        $zone = preg_match('/^[+-]\d\d:\d\d$/', $offset) === 1 ? new DateTimeZone($offset) : new DateTimeZone('UTC');
        $taken = DateTimeImmutable::createFromFormat('!Y:m:d H:i:s', $clock, $zone);

        return $taken === false || $taken->format('Y:m:d H:i:s') !== $clock ? null : $taken;
    }
}
