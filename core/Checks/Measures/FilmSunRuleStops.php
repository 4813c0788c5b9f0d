<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class FilmSunRuleStops extends Measure
{
    public const ID = 'film.sunRuleStops';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'exposure beyond the bright-sun rule',
            meaning: 'exposure beyond ƒ/16 at 1/ISO s',
            unit: 'stops',
            usual: new UsualDemand(Comparison::Within, 2 / 3, 1 / 3),
            sides: ['too dark', 'too bright'],
            isAboutZero: true,
            needs: [Need::Settings],
        );
    }

    public function read(Situation $situation): ?float
    {
        $settings = $situation->record->settings();

        return $settings === null ? null : Ev100::BRIGHT_SUN - $settings->ev100()->value;
    }
}
