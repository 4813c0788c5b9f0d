<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Intent\Framing;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\IntendedSubject;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Sky\LightDirection;

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

    /** @param  array<string, mixed>  $input  texts by field */
    public static function problem(array $input): ?string
    {
        try {
            self::read($input);

            return null;
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }
    }

    /**
     * @param  array<string, mixed>  $input
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public static function read(array $input): Intent
    {
        $want = MovementLook::tryFrom(self::text($input, 'want'));
        $flag = fn (string $name): bool => filter_var($input[$name] ?? false, FILTER_VALIDATE_BOOL);

        return new Intent(
            distances: new IntendedDistances(
                subject: self::number($input, 'subject'),
                near: self::number($input, 'near'),
                far: preg_match('/^(∞|inf|infinity|horizon|the horizon)$/iu', self::text($input, 'far')) === 1
                    ? INF
                    : self::number($input, 'far'),
                background: self::number($input, 'background'),
                separation: self::number($input, 'separation'),
            ),
            movement: $want === null
                ? null
                : new Movement($want, self::number($input, 'speed'), self::number($input, 'angle') ?? 0.0),
            contents: new IntendedContents(
                foliage: $flag('foliage'),
                stars: $flag('stars'),
                sunStar: $flag('sunStar'),
                crossesLight: $flag('crossesLight'),
                person: $flag('person'),
                about: new IntendedSubject(
                    SubjectKind::tryFrom(self::text($input, 'is')),
                    Framing::tryFrom(self::text($input, 'framing')),
                    kept: KeptSharp::tryFrom(self::text($input, 'kept')),
                ),
            ),
            sceneStops: self::number($input, 'sceneStops'),
            idea: Idea::tryFrom(self::text($input, 'idea')),
            facing: Facing::tryFrom(self::text($input, 'facing')),
            tone: MeantTone::tryFrom(self::text($input, 'tone')),
            lightFrom: LightDirection::tryFrom(self::text($input, 'lightFrom')),
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
                'subject' => $number($intent->distances->subject),
                'near' => $number($intent->distances->near),
                'far' => $intent->distances->far === INF ? '∞' : $number($intent->distances->far),
                'background' => $number($intent->distances->background),
                'separation' => $number($intent->distances->separation),
                'sceneStops' => $number($intent->sceneStops),
                'want' => $movement?->want->value,
                'speed' => $number($movement?->speed),
                'angle' => $movement === null || $movement->angle === 0.0 ? null : $number($movement->angle),
                'foliage' => $flag($intent->contents->foliage),
                'stars' => $flag($intent->contents->stars),
                'sunStar' => $flag($intent->contents->sunStar),
                'crossesLight' => $flag($intent->contents->crossesLight),
                'person' => $flag($intent->contents->person),
                'idea' => $intent->idea?->value,
                'facing' => $intent->facing?->value,
                'tone' => $intent->tone?->value,
                'lightFrom' => $intent->lightFrom?->value,
                'is' => $intent->contents->about->kind?->value,
                'framing' => $intent->contents->about->framing?->value,
                'kept' => $intent->contents->about->kept?->value,
            ],
            fn (?string $text): bool => $text !== null,
        );
    }

    /** @param  array<string, mixed>  $input */
    private static function number(array $input, string $field): ?float
    {
        $text = preg_replace('~\s*(m|m/s|°|stops?|%)$~u', '', str_replace(',', '.', self::text($input, $field))) ?? '';
        if ($text === '') {
            return null;
        }

        return is_numeric($text) && is_finite((float) $text) && (float) $text >= 0
            ? (float) $text
            : throw InvalidOptics::unreadable(self::NUMBERS[$field], self::text($input, $field));
    }

    /** @param  array<string, mixed>  $input */
    private static function text(array $input, string $field): string
    {
        $text = $input[$field] ?? '';

        return is_scalar($text) ? trim((string) $text) : '';
    }
}
