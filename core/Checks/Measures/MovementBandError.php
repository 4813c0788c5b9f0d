<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class MovementBandError extends Measure
{
    public const ID = 'movement.bandError';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'time from the look that was wanted',
            meaning: 'the time from the band of the look that was wanted: 0 inside, negative too short, '
                .'positive too long',
            unit: 'stops',
            usual: new UsualDemand(Comparison::Within, 1 / 3, 2 / 3),
            sides: ['too short', 'too long'],
            isAboutZero: true,
            needs: [Need::Movement, Need::ExposureTime],
        );
    }

    public function read(Situation $situation): ?float
    {
        [$band, $time] = [$situation->movementBand(), $situation->record->exposure->exposureTime?->exact];

        return match (true) {
            $band === null || $time === null => null,
            $band->longest !== null && $time > $band->longest => log($time / $band->longest, 2),
            $band->shortest !== null && $band->shortest > 0 && $time < $band->shortest => log(
                $time / $band->shortest,
                2,
            ),
            default => 0.0,
        };
    }
}
