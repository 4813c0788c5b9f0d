<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordIso extends Measure
{
    public const ID = 'record.iso';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'ISO',
            meaning: 'as recorded',
            usual: new UsualDemand(Comparison::AtMost, 800.0, 800.0),
            needs: [Need::Iso],
        );
    }

    public function stopsInADoubling(): float
    {
        return 1.0;
    }

    public function engraved(float $limit): ?string
    {
        return $limit > 0 ? (string) Iso::of($limit) : null;
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or higher' : 'or lower';
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->exposure->iso?->nominal();
    }
}
