<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Brief\IsoSetting;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Need;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Situation;
use TruePupil\Core\Findings\Topic;

/** ISO higher than the light needed: the exposure time had room above what hands hold. */
final class IsoSlack implements FindingRule
{
    /** Less than this is within what hands differ by. */
    private const LIMIT = 2 / 3;

    private const FAULT = 2.0;

    public function id(): string
    {
        return 'noise.iso-slack';
    }

    public function needs(): array
    {
        return [Need::Iso, Need::ExposureTime, Need::Support, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $slack = $situation->isoSlack();
        $iso = $situation->record->iso;
        $time = $situation->record->exposureTime;
        $support = $situation->record->support;
        if ($slack === null || $iso === null || $time === null || $support === null || $slack->value <= self::LIMIT + 1e-9) {
            return null;
        }
        $handsSet = $situation->approach->iso === IsoSetting::ByHand;
        $limit = $situation->handHeldLimit();

        return new Finding(
            id: $this->id(),
            topic: Topic::Noise,
            severity: $handsSet && $slack->value >= self::FAULT ? Severity::Fault : Severity::Weakness,
            sentence: $limit === null
                ? sprintf('%s is %s more than the light needed: on a %s a still subject gives you all the time there is.', $iso, $slack->inWords(), $support->label())
                : sprintf('%s is %s more than the light needed: at %s there was that much room before hands begin to shake.', $iso, $slack->inWords(), $time),
            evidence: [
                new Evidence('ISO slack', $slack->value, 'stops', self::LIMIT, self::LIMIT - $slack->value),
                ...($limit === null ? [] : [new Evidence('longest time held still', $limit->seconds, 's', $time->exact, $limit->roomFor($time->exact)->value, 'stops')]),
            ],
            source: sprintf('Hand-held limit of one over the 35 mm equivalent focal length; base %s.', $situation->baseIso()),
            otherView: $handsSet ? null : 'With automatic ISO the camera chose this; a slower "slowest shutter" setting would bring it down.',
        );
    }
}
