<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordColourSpace extends Measure
{
    public const ID = 'record.colourSpace';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'colour space',
            meaning: 'of the file',
            usual: new UsualDemand(Comparison::OneOf, ['sRGB']),
            words: ['sRGB' => 'sRGB', 'other' => 'another colour space'],
        );
    }

    public function read(Situation $situation): ?string
    {
        $space = $situation->file->colourSpace;

        return match (true) {
            $space === null => null,
            str_contains($space, 'sRGB') => 'sRGB',
            default => 'other',
        };
    }
}
