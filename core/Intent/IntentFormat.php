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
}
