<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class FilmExposureIndexStops extends Measure
{
    public const ID = 'film.exposureIndexStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'light beyond the box speed of the film',
            meaning: 'light beyond what the film in the kit is developed for: its box speed, pushed or '
                .'pulled as declared',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, -1 / 3, 1 / 3),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
            needs: [Need::Film, Need::Iso],
        );
    }

    public function read(Situation $situation): ?float
    {
        $iso = $situation->record->exposure->iso;

        return $iso === null ? null : $situation->kit?->film?->beyondDevelopment($iso)->value;
    }
}
