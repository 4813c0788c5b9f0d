<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Plan\PlaceFields;
use TruePupil\Core\Sky\Compass;

/** Reads a day's sheet from decoded JSON; hours, numbers and bearings are texts as somebody writes them. */
final class DayFormat
{
    public const FORMAT = 'true-pupil.day-sheet';

    public const VERSION = 1;

    /** More shots than that nobody takes in a day; more lines nobody ticks. */
    public const MOST = 60;

    private const LONGEST = 600;

    /** @throws InvalidArgumentException naming the field that is wrong, and why */
    public static function read(Fields $data, DateTimeZone $timezone): DaySheet
    {
        $words = fn (Fields $part, string $field): string => match (true) {
            $part->raw($field) === '' => '',
            is_int($part->raw($field)) || is_float($part->raw($field)) => (string) $part->number($field),
            default => trim($part->textOrNull($field) ?? ''),
        };
        $hour = fn (Fields $part, string $field): ?int => $words($part, $field) === ''
            ? null
            : self::tried($part->at($field), fn (): int => DayTime::parse($words($part, $field)));
        foreach (['scouting', 'shots'] as $list) {
            if (count($data->parts($list)) > self::MOST) {
                throw new InvalidFields(sprintf('%s: there are more than %d lines.', $list, self::MOST));
            }
        }

        $ids = array_map(
            fn (Fields $part): string => preg_match('/^[a-z0-9]{1,12}$/', $part->text('id')) === 1
                ? $part->text('id')
                : throw new InvalidFields(sprintf(
                    '%s: a name is one to twelve small letters and digits; got "%s".',
                    $part->at('id'),
                    $part->text('id'),
                )),
            [...$data->parts('scouting'), ...$data->parts('shots')],
        );
        $sheet = new DaySheet(
            title: $words($data, 'title'),
            date: $words($data, 'date') === '' ? null : self::date($words($data, 'date'), $timezone),
            place: PlaceFields::read($data),
            begins: $hour($data, 'begins'),
            ends: $hour($data, 'ends'),
            scouting: array_map(fn (Fields $part): Scouted => new Scouted(
                $part->text('id'),
                $part->choice('kind', ScoutKind::class) ?? ScoutKind::Other,
                $part->text('text'),
            ), $data->parts('scouting')),
            shots: array_map(fn (Fields $part): Shot => new Shot(
                $part->text('id'),
                $part->choice('kind', ShotKind::class) ?? ShotKind::Surroundings,
                $part->text('title'),
                self::minutes($part->at('minutes'), $words($part, 'minutes')),
                $hour($part, 'at'),
                $words($part, 'bearing') === ''
                    ? null
                    : self::tried($part->at('bearing'), fn (): float => Compass::parse($words($part, 'bearing'))),
                $words($part, 'settings'),
                $words($part, 'safe'),
            ), $data->parts('shots')),
        );
        if (count(array_unique($ids)) < count($ids)) {
            throw new InvalidFields('shots: two lines have the same id, and a tick would count for both.');
        }

        return $sheet;
    }

    private static function minutes(string $at, string $text): int
    {
        return ctype_digit($text) && $text >= 1 && $text <= self::LONGEST
            ? (int) $text
            : throw new InvalidFields(sprintf(
                '%s: minutes are a whole number from 1 to %d; got "%s".',
                $at,
                self::LONGEST,
                $text,
            ));
    }

    private static function date(string $text, DateTimeZone $timezone): DateTimeImmutable
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $text, $timezone);

        return $date !== false && $date->format('Y-m-d') === $text
            ? $date
            : throw new InvalidFields(sprintf('date: "%s" is no day. Write 2026-05-31.', $text));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private static function tried(string $at, callable $read): mixed
    {
        try {
            return $read();
        } catch (InvalidFields $problem) {
            throw $problem;
        } catch (InvalidArgumentException $problem) {
            throw new InvalidFields($at.': '.$problem->getMessage());
        }
    }
}
