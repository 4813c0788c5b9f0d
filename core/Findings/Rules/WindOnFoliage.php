<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Leaves or grass at a time in which wind moves them. */
#[Declared('movement.wind-on-foliage', Topic::Movement)]
final class WindOnFoliage extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        if (! $situation->statement->intent->contents->foliage || $time === null) {
            return null;
        }
        $holds = (float) Stir::InWind->longest($situation->approach->movement);
        $beyond = Stops::ofRatio($time->exact / $holds);
        if ($beyond->value <= 1 / 3) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Leaves and grass move in %s, %s longer than a light breeze allows. Wait for a lull and look at the '.
                    'tips of the leaves, raise ISO, or let them blur on purpose.',
                $time,
                $beyond->inWords(),
            ),
            evidence: [
                new Evidence('exposure time', $time->exact, 's', $holds, -$beyond->value, 'stops'),
            ],
            source: 'A rule of thumb for a light breeze at ordinary distances.',
            suggestion: SameExposure::with(
                $situation,
                'leaves stay still',
                time: ExposureTime::of($holds),
            ),
        );
    }
}
