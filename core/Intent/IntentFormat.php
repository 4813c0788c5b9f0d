<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Sky\LightDirection;

/** Reads an intent from decoded JSON; any part may be missing. "far" may be "infinity". */
final class IntentFormat
{
    /** Everything that an intent can say. */
    public const KEYS = [
        'subject', 'near', 'far', 'background', 'separation', 'motion', 'focalLength35', 'maxIso', 'foliage', 'stars',
        'declination', 'sunStar', 'crossesLight', 'person', 'sceneStops', 'idea', 'facing', 'tone', 'lightFrom', 'is',
        'framing', 'magnification', 'keptSharp',
    ];

    /** @throws InvalidArgumentException naming what is wrong */
    public static function read(Fields $intent): Intent
    {
        $movement = $intent->part('motion');

        return new Intent(
            distances: new IntendedDistances(
                subject: $intent->positiveOrNull('subject'),
                near: $intent->positiveOrNull('near'),
                far: $intent->raw('far') === 'infinity' ? INF : $intent->positiveOrNull('far'),
                background: $intent->positiveOrNull('background'),
                separation: $intent->positiveOrNull('separation'),
            ),
            movement: $intent->has('motion')
                ? new Movement(
                    $movement->choice('want', MovementLook::class) ?? MovementLook::Acceptable,
                    $movement->numberOrNull('speed'),
                    $movement->numberOr('angle', 0.0),
                )
                : null,
            focalLength35: $intent->positiveOrNull('focalLength35'),
            maxIso: $intent->positiveOrNull('maxIso'),
            contents: new IntendedContents(
                foliage: $intent->flag('foliage') ?? false,
                stars: $intent->flag('stars') ?? false,
                declination: $intent->numberOr('declination', 0.0),
                sunStar: $intent->flag('sunStar') ?? false,
                crossesLight: $intent->flag('crossesLight') ?? false,
                person: $intent->flag('person') ?? false,
                about: new IntendedSubject(
                    self::kind($intent),
                    self::framing($intent),
                    $intent->positiveOrNull('magnification'),
                    $intent->choice('keptSharp', KeptSharp::class),
                ),
            ),
            sceneStops: $intent->positiveOrNull('sceneStops'),
            idea: $intent->choice('idea', Idea::class),
            facing: $intent->choice('facing', Facing::class),
            tone: $intent->choice('tone', MeantTone::class),
            lightFrom: $intent->choice('lightFrom', LightDirection::class),
        );
    }

    private static function framing(Fields $intent): ?Framing
    {
        $word = $intent->textOrNull('framing');

        return $word === null
            ? null
            : Framing::fromWord($word) ?? throw InvalidFields::expected(
                $intent->at('framing'),
                'one of '.implode(', ', array_column(Framing::cases(), 'value')),
                $word,
            );
    }

    private static function kind(Fields $intent): ?SubjectKind
    {
        $word = $intent->textOrNull('is');

        return $word === null
            ? null
            : SubjectKind::fromWord($word) ?? throw InvalidFields::expected(
                $intent->at('is'),
                'one of '.implode(', ', array_column(SubjectKind::cases(), 'value')),
                $word,
            );
    }

    /** @return array<string, mixed> what is not said is left out */
    public static function write(Intent $intent): array
    {
        $movement = $intent->movement;

        return array_filter(
            [
                'subject' => $intent->distances->subject,
                'near' => $intent->distances->near,
                'far' => $intent->distances->far === INF ? 'infinity' : $intent->distances->far,
                'background' => $intent->distances->background,
                'separation' => $intent->distances->separation,
                'motion' => $movement === null
                        ? null
                        : array_filter(
                            [
                                'want' => $movement->want->value,
                                'speed' => $movement->speed,
                                'angle' => $movement->angle === 0.0 ? null : $movement->angle,
                            ],
                            fn (mixed $part): bool => $part !== null,
                        ),
                'focalLength35' => $intent->focalLength35,
                'maxIso' => $intent->maxIso,
                'foliage' => $intent->contents->foliage ?: null,
                'stars' => $intent->contents->stars ?: null,
                'declination' => $intent->contents->declination === 0.0 ? null : $intent->contents->declination,
                'sunStar' => $intent->contents->sunStar ?: null,
                'crossesLight' => $intent->contents->crossesLight ?: null,
                'person' => $intent->contents->person ?: null,
                'sceneStops' => $intent->sceneStops,
                'idea' => $intent->idea?->value,
                'facing' => $intent->facing?->value,
                'tone' => $intent->tone?->value,
                'lightFrom' => $intent->lightFrom?->value,
                'is' => $intent->contents->about->kind?->value,
                'framing' => $intent->contents->about->framing?->value,
                'magnification' => $intent->contents->about->magnification,
                'keptSharp' => $intent->contents->about->kept?->value,
            ],
            fn (mixed $part): bool => $part !== null,
        );
    }
}
