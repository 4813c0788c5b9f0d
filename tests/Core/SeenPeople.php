<?php

declare(strict_types=1);

namespace Tests\Core;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Measures\FaceMeasures;
use TruePupil\Core\Measures\PeopleMeasures;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenBody;
use TruePupil\Core\Seen\SeenFace;
use TruePupil\Core\Seen\SeenThing;

/** People as they would have been found, by the few facts that a test is about. */
final class SeenPeople
{
    /** @param  array{float, float}  $lids */
    public static function face(
        float $x = 0.4,
        float $y = 0.3,
        float $size = 0.2,
        float $turn = 0.0,
        array $lids = [0.3, 0.3],
    ): SeenFace {
        return new SeenFace(
            Region::of($x, $y, $size, $size),
            [[$x + 0.3 * $size, $y + 0.4 * $size], [$x + 0.7 * $size, $y + 0.4 * $size]],
            $lids,
            $turn,
        );
    }

    /** @param  list<SeenFace>  $faces */
    public static function faces(array $faces, bool $isConfirmed = false, SeenThing ...$things): PeopleMeasures
    {
        return new PeopleMeasures(
            new Seen($faces, [], array_values($things), $isConfirmed),
            array_fill(0, count($faces), new FaceMeasures(0.0, 0.5, 0.1)),
        );
    }

    public static function measured(FaceMeasures $measures, float $turn = 0.0): PeopleMeasures
    {
        return new PeopleMeasures(new Seen([self::face(turn: $turn)]), [$measures]);
    }

    /** @param  array<string, array{float, float}>  $joints */
    public static function body(Region $box, array $joints): PeopleMeasures
    {
        return new PeopleMeasures(new Seen([], [new SeenBody($box, $joints)]), []);
    }
}
