<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** More noise than the owner of the body minds. */
#[Declared('noise.uncomfortable', Topic::Noise)]
final class UncomfortableNoise extends SensorRule
{
    private const MUCH = 1.0;

    public function needs(): array
    {
        return [Need::Iso, Need::Kit];
    }

    public function judge(Situation $situation): ?Finding
    {
        $iso = $situation->record->exposure->iso;
        $comfortable = $situation->kit?->body->comfortableIso;
        if ($iso === null || $comfortable === null) {
            return null;
        }
        $beyond = $iso->stopsMoreThan(Iso::of($comfortable));
        if ($beyond->inThirds() < 1) {
            return null;
        }
        $slack = $situation->isoSlack();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $beyond->value >= self::MUCH ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                '%s is %s beyond the noise you said you can live with, %s. %s',
                $iso,
                $beyond->inWords(),
                Iso::of($comfortable),
                $slack !== null && $slack->inThirds() > 0
                    ? sprintf('%s of it was not needed.', ucfirst($slack->inWords()))
                    : 'The time could not be longer: a wider aperture, support or more light would bring it down. A '.
                        'sharp frame with noise still beats a clean one that is blurred.',
            ),
            evidence: [new Evidence('ISO', $iso->exact, '', $comfortable, -$beyond->value, 'stops')],
            source: 'The comfortable ISO entered for this body.',
        );
    }
}
