<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class PlanSettingsOff extends Measure
{
    public const ID = 'plan.settingsOff';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'planned values that were not kept',
            meaning: 'how many planned values were not kept',
            usual: new UsualDemand(Comparison::AtMost, 0.0, 1.0),
            needs: [Need::Plan],
        );
    }

    public function read(Situation $situation): ?float
    {
        $moved = PlanComparison::of($situation->statement->plan, $situation->record)?->moved();

        return $moved === null ? null : (float) count($moved);
    }
}
