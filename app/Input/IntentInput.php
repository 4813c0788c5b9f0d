<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Optics\InvalidOptics;

/** What a student says that the picture was meant to show: kept as typed, turned into an intent when used. */
final class IntentInput
{
    /** Distances in m, speed in m/s, angle in degrees, range in stops. */
    public const NUMBERS = [
        'subject' => 'the distance of the subject',
        'near' => 'the nearest sharp point',
        'far' => 'the farthest sharp point',
        'background' => 'the distance of the background',
        'separation' => 'how far the background spreads',
        'speed' => 'a speed',
        'angle' => 'an angle',
        'sceneStops' => 'the range of the scene',
    ];

    public const FLAGS = ['foliage', 'stars', 'sunStar', 'crossesLight', 'person'];

    /** @param  array<string, mixed>  $typed  texts by field */
    public static function problem(array $typed): ?string
    {
        try {
            self::read($typed);

            return null;
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }
    }

    /**
     * @param  array<string, mixed>  $typed
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public static function read(array $typed): Intent
    {
        $want = MovementLook::tryFrom(self::text($typed, 'want'));
        $flag = fn (string $name): bool => filter_var($typed[$name] ?? false, FILTER_VALIDATE_BOOL);

        return new Intent(
            subject: self::number($typed, 'subject'),
            near: self::number($typed, 'near'),
            far: preg_match('/^(∞|inf|infinity|horizon|the horizon)$/iu', self::text($typed, 'far')) === 1
                ? INF
                : self::number($typed, 'far'),
            background: self::number($typed, 'background'),
            separation: self::number($typed, 'separation'),
            movement: $want === null
                ? null
                : new Movement($want, self::number($typed, 'speed'), self::number($typed, 'angle') ?? 0.0),
            foliage: $flag('foliage'),
            stars: $flag('stars'),
            sunStar: $flag('sunStar'),
            crossesLight: $flag('crossesLight'),
            person: $flag('person'),
            sceneStops: self::number($typed, 'sceneStops'),
            idea: Idea::tryFrom(self::text($typed, 'idea')),
            facing: Facing::tryFrom(self::text($typed, 'facing')),
        );
    }

    /** @return array<string, string> an intent as the fields of the form have it; what is not said is left out */
    public static function write(Intent $intent): array
    {
        $number = fn (?float $value): ?string => $value === null ? null : (string) $value;
        $flag = fn (bool $isSet): ?string => $isSet ? '1' : null;
        $movement = $intent->movement;

        return array_filter(
            [
                'subject' => $number($intent->subject),
                'near' => $number($intent->near),
                'far' => $intent->far === INF ? '∞' : $number($intent->far),
                'background' => $number($intent->background),
                'separation' => $number($intent->separation),
                'sceneStops' => $number($intent->sceneStops),
                'want' => $movement?->want->value,
                'speed' => $number($movement?->speed),
                'angle' => $movement === null || $movement->angle === 0.0 ? null : $number($movement->angle),
                'foliage' => $flag($intent->foliage),
                'stars' => $flag($intent->stars),
                'sunStar' => $flag($intent->sunStar),
                'crossesLight' => $flag($intent->crossesLight),
                'person' => $flag($intent->person),
                'idea' => $intent->idea?->value,
                'facing' => $intent->facing?->value,
            ],
            fn (?string $text): bool => $text !== null,
        );
    }

    /** @param  array<string, mixed>  $typed */
    private static function number(array $typed, string $field): ?float
    {
        $text = preg_replace('~\s*(m|m/s|°|stops?|%)$~u', '', str_replace(',', '.', self::text($typed, $field))) ?? '';
        if ($text === '') {
            return null;
        }

        return is_numeric($text) && is_finite((float) $text) && (float) $text >= 0
            ? (float) $text
            : throw InvalidOptics::unreadable(self::NUMBERS[$field], self::text($typed, $field));
    }

    /** @param  array<string, mixed>  $typed */
    private static function text(array $typed, string $field): string
    {
        $text = $typed[$field] ?? '';

        return is_scalar($text) ? trim((string) $text) : '';
    }
}
