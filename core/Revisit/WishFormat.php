<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use TruePupil\Core\Day\DayTime;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Sky\Compass;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\Weather;

/** Reads what a picture to go back for wants, from texts as somebody typed them; every complaint names its field. */
final class WishFormat
{
    /** @throws InvalidArgumentException */
    public static function read(Fields $data, DateTimeZone $timezone): Wish
    {
        $text = fn (string $field): string => trim($data->textOrNull($field) ?? '');
        $month = function (string $field) use ($data, $text): ?int {
            if ($text($field) === '') {
                return null;
            }

            return ctype_digit($text($field)) && $text($field) >= 1 && $text($field) <= 12
                ? (int) $text($field)
                : throw InvalidFields::expected($data->at($field), 'a month from 1 to 12', $text($field));
        };
        $hour = fn (string $field): ?int => $text($field) === ''
            ? null
            : self::tried($field, fn (): int => DayTime::parse($text($field)));
        [$from, $to] = [$month('fromMonth'), $month('toMonth')];
        $light = $data->choice('light', LightDirection::class);
        $bearing = $text('bearing') === '' ? null : self::tried(
            'bearing',
            fn (): float => Compass::parse($text('bearing')),
        );
        if ($light !== null && $light !== LightDirection::Top && $bearing === null) {
            throw new InvalidFields(
                'bearing: say where the camera points, or nobody can tell where its light comes from.',
            );
        }
        $water = $data->choice('water', TideState::class);

        return new Wish(
            fromMonth: $from ?? $to,
            toMonth: $to ?? $from,
            fromHour: $hour('fromHour'),
            toHour: $hour('toHour'),
            sky: new SkyWish(
                $data->choice('sun', SunWish::class),
                $light,
                $data->choice('moon', MoonShape::class),
            ),
            bearing: $bearing ?? ($light === LightDirection::Top ? 0.0 : null),
            water: $water,
            tide: $text('highWater') === '' ? null : new Tide(self::moment($text('highWater'), $timezone)),
            clouds: $data->choice('clouds', Weather::class),
            word: $text('word'),
        );
    }

    private static function moment(string $text, DateTimeZone $timezone): DateTimeImmutable
    {
        $moment = DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $text, $timezone);

        return $moment !== false && $moment->format('Y-m-d\TH:i') === $text
            ? $moment
            : throw new InvalidFields(sprintf('highWater: "%s" is no moment. Write 2026-05-31T14:20.', $text));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private static function tried(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (InvalidArgumentException $problem) {
            throw new InvalidFields($field.': '.$problem->getMessage());
        }
    }
}
