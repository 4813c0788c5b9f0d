<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Film\Film;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;

/** Reads a roll of film from decoded JSON. */
final class RollFormat
{
    public const FORMAT = 'true-pupil.film-roll';

    public const VERSION = 1;

    /** Long rolls for motor drives had more; no log of ours has. */
    public const MOST_FRAMES = 99;

    private const MONTHS = 12;

    /** @throws InvalidArgumentException naming the field that is wrong, and why */
    public static function read(Fields $data): Roll
    {
        $frames = $data->numberOr('frames', 36.0);
        if (floor($frames) !== $frames || $frames < 1 || $frames > self::MOST_FRAMES) {
            throw new InvalidFields(sprintf('frames: a roll has 1 to %d; got %s.', self::MOST_FRAMES, $frames));
        }
        $box = $data->positive('boxSpeed');
        $index = $data->positiveOrNull('index');
        [$loaded, $expires] = [$data->textOrNull('loaded'), $data->textOrNull('expires')];
        self::checkDate('loaded', $loaded, '/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/', '2026-05-31');
        self::checkDate('expires', $expires, '/^\d{4}-(0[1-9]|1[0-2])$/', '2026-05');

        return new Roll(
            name: $data->text('name'),
            film: new Film(
                name: $data->textOrNull('film') ?? 'film',
                boxSpeed: Iso::of($box),
                kind: $data->choice('kind', FilmKind::class) ?? FilmKind::Negative,
                reciprocity: $data->positiveOr('reciprocity', Reciprocity::TYPICAL),
                yearsExpired: self::yearsPast($expires, $loaded),
                pushed: $data->numberOr('pushed', 0.0),
                exposureIndex: $index === null ? null : Iso::of($index),
            ),
            frames: (int) $frames,
            camera: $data->textOrNull('camera') ?? '',
            loaded: $loaded,
            expires: $expires,
            stage: $data->choice('stage', RollStage::class) ?? RollStage::Loaded,
            mishap: $data->choice('mishap', Mishap::class),
            lab: self::lab($data->part('lab')),
        );
    }

    /** Years between the month on the box and the day on which it was loaded; 0 where one of them is not said. */
    public static function yearsPast(?string $expires, ?string $loaded): float
    {
        if ($expires === null || $loaded === null) {
            return 0.0;
        }
        $months = fn (string $date): int => self::MONTHS * (int) substr($date, 0, 4) + (int) substr($date, 5, 2);

        return max(0.0, ($months($loaded) - $months($expires)) / self::MONTHS);
    }

    private static function lab(Fields $data): LabOrder
    {
        $of = function (string $key, array $known) use ($data): ?string {
            $value = $data->textOrNull($key);

            return $value === null || isset($known[$value])
                ? $value
                : throw InvalidFields::expected($data->at($key), 'one of '.implode(', ', array_keys($known)), $value);
        };
        $side = $data->positiveOrNull('longSide');

        return new LabOrder(
            process: $of('process', LabOrder::PROCESSES),
            longSide: $side === null ? null : (int) round($side),
            look: $of('look', LabOrder::LOOKS),
            files: $of('files', LabOrder::FILES) ?? 'jpeg',
            word: $data->textOrNull('word') ?? '',
        );
    }

    private static function checkDate(string $field, ?string $date, string $pattern, string $example): void
    {
        if ($date !== null && preg_match($pattern, $date) !== 1) {
            throw new InvalidFields(sprintf('%s: "%s" is no date. Write %s.', $field, $date, $example));
        }
    }
}
