<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Situation\Situation;

final readonly class SaidTone extends Measure
{
    public const ID = 'said.tone';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'brightness that is meant',
            meaning: 'how bright the student says that it is meant, or none',
            usual: new UsualDemand(Comparison::NoneOf, ['none']),
            words: ['none' => 'none', ...self::labels(MeantTone::cases())],
        );
    }

    public function read(Situation $situation): string
    {
        return $situation->statement->intent->tone->value ?? 'none';
    }
}
