<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordShakeRoom extends Measure
{
    public const ID = 'record.shakeRoom';

    /** Stops: more than any time on a dial lies from any hand-held limit. On a tripod hands set none. */
    private const ALL_ROOM = 20.0;

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'room before hands shake',
            meaning: 'the hand-held limit over the time; positive is room; 20 on a tripod, where hands set no limit',
            unit: 'stops',
            usual: new UsualDemand(Comparison::AtLeast, 0.0, 1.0),
            sides: ['too long', 'too short'],
            isAboutZero: true,
            needs: [Need::Support, Need::ExposureTime, Need::FocalLength, Need::Format],
        );
    }

    public function read(Situation $situation): ?float
    {
        $time = $situation->record->exposure->exposureTime?->exact;

        return match (true) {
            $time === null => null,
            $situation->record->support === Support::Tripod => self::ALL_ROOM,
            default => $situation->handHeldLimit()?->roomFor($time)->value,
        };
    }
}
