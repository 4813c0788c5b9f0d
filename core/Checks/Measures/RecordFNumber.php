<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFNumber extends Measure
{
    public const ID = 'record.fNumber';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'f-number',
            meaning: 'as recorded',
            usual: new UsualDemand(Comparison::AtMost, 2.8, 0.4),
            sides: ['too wide open', 'stopped down too far'],
            needs: [Need::Settings],
        );
    }

    public function stopsInADoubling(): float
    {
        return 2.0;
    }

    public function engraved(float $limit): ?string
    {
        return $limit > 0 ? (string) Aperture::of($limit) : null;
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or narrower' : 'or wider';
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->exposure->fNumber?->nominal();
    }
}
