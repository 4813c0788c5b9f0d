<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use InvalidArgumentException;
use TruePupil\Core\Json\Fields;

/** Reads an intent from decoded JSON; any part may be missing. "far" may be "infinity". */
final class IntentFormat
{
    /** @throws InvalidArgumentException naming what is wrong */
    public static function read(Fields $intent): Intent
    {
        $movement = $intent->part('motion');

        return new Intent(
            subject: $intent->positiveOrNull('subject'),
            near: $intent->positiveOrNull('near'),
            far: $intent->raw('far') === 'infinity' ? INF : $intent->positiveOrNull('far'),
            background: $intent->positiveOrNull('background'),
            separation: $intent->positiveOrNull('separation'),
            movement: $intent->has('motion')
                ? new Movement(
                    $movement->choice('want', MovementLook::class) ?? MovementLook::Acceptable,
                    $movement->numberOrNull('speed'),
                    $movement->numberOr('angle', 0.0),
                )
                : null,
            focalLength35: $intent->positiveOrNull('focalLength35'),
            maxIso: $intent->positiveOrNull('maxIso'),
            foliage: $intent->flag('foliage') ?? false,
            stars: $intent->flag('stars') ?? false,
            declination: $intent->numberOr('declination', 0.0),
            sunStar: $intent->flag('sunStar') ?? false,
            crossesLight: $intent->flag('crossesLight') ?? false,
            person: $intent->flag('person') ?? false,
            sceneStops: $intent->positiveOrNull('sceneStops'),
            idea: $intent->choice('idea', Idea::class),
            facing: $intent->choice('facing', Facing::class),
        );
    }

    /** @return array<string, mixed> what is not said is left out */
    public static function write(Intent $intent): array
    {
        $movement = $intent->movement;

        return array_filter(
            [
                'subject' => $intent->subject,
                'near' => $intent->near,
                'far' => $intent->far === INF ? 'infinity' : $intent->far,
                'background' => $intent->background,
                'separation' => $intent->separation,
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
                'foliage' => $intent->foliage ?: null,
                'stars' => $intent->stars ?: null,
                'declination' => $intent->declination === 0.0 ? null : $intent->declination,
                'sunStar' => $intent->sunStar ?: null,
                'crossesLight' => $intent->crossesLight ?: null,
                'person' => $intent->person ?: null,
                'sceneStops' => $intent->sceneStops,
                'idea' => $intent->idea?->value,
                'facing' => $intent->facing?->value,
            ],
            fn (mixed $part): bool => $part !== null,
        );
    }
}
