<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Sky\LightDirection;

final readonly class LightFrom extends Measure
{
    public const ID = 'light.from';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'where the light comes from',
            meaning: 'by place, hour and bearing of the plan, or as the student says',
            usual: new UsualDemand(Comparison::OneOf, ['side']),
            words: self::labels(LightDirection::cases()),
            needs: [Need::LightFrom],
        );
    }

    public function read(Situation $situation): ?string
    {
        return $situation->lightFrom()?->value;
    }
}
