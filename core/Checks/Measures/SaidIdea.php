<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Situation;

final readonly class SaidIdea extends Measure
{
    public const ID = 'said.idea';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'idea of the composition',
            meaning: 'the idea of the composition that the student named, or none',
            usual: new UsualDemand(Comparison::NoneOf, ['none']),
            words: ['none' => 'none', ...self::labels(Idea::cases())],
        );
    }

    public function read(Situation $situation): string
    {
        return $situation->statement->intent->idea->value ?? 'none';
    }
}
