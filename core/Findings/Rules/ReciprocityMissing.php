<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A long exposure on film without the longer time that the film then needs. */
#[Declared('film.reciprocity', Topic::Film)]
final class ReciprocityMissing extends FindingRule
{
    /** Seconds up to which film keeps to its speed. */
    private const HOLDS_TO = 1.0;

    public function needs(): array
    {
        return [Need::ExposureTime];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$film, $time] = [$situation->kit?->film, $situation->record->exposure->exposureTime];
        $planned = $situation->statement->plan?->exposure->exposureTime;
        // The metered time is what the plan says; without a plan nobody can tell whether the time was corrected
        // already.
        if ($film === null || $time === null || $planned === null || $planned->exact <= self::HOLDS_TO) {
            return null;
        }
        $corrected = $film->correctedTime($planned->exact);
        $short = Stops::ofRatio($corrected / $time->exact);
        if ($short->value <= 1 / 3) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $short->value >= 1.0 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'You metered %s and exposed %s. %s answers less to long times: it wanted about %s s, %s more.',
                $planned,
                $time,
                ucfirst($film->name),
                round($corrected),
                $short->inWords(),
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $corrected, -$short->value, 'stops')],
            source: sprintf('t^%.2f beyond one second, the exponent of this film.', $film->reciprocity),
        );
    }
}
