<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Settings left over from earlier light: a large miss in manual with the very settings of an earlier frame. */
#[Declared(
    'exposure.left-over',
    Topic::Exposure,
    explains: [ExposureFarOff::class, SubjectPlaced::class],
    contradictedBy: [SubjectPlacementError::class],
)]
final class ExposureLeftOver extends FindingRule
{
    /** Stops: less than this is an error of judgement, not a forgotten dial. */
    private const MISS = 1.5;

    public function needs(): array
    {
        return [Need::Settings, Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->exposureError();
        $settings = $situation->record->settings();
        $last = $situation->frameBefore();
        if (
            $error === null ||
            $settings === null ||
            $last === null ||
            $situation->record->exposure->mode !== ExposureMode::Manual ||
            abs($error->value) < self::MISS
        ) {
            return null;
        }
        $before = $last->settings();
        $subject = $situation->measures->subject === null ? 'picture' : 'subject';
        if (
            $before === null ||
            abs($settings->time->stopsMoreLightThan($before->time)->value) > Series::SAME ||
            abs($settings->aperture->stopsMoreLightThan($before->aperture)->value) > Series::SAME
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                '%s at %s are the settings of the frame before, but the light has changed: the %s came out %s too %s. '.
                    'In manual, read the meter again whenever the light moves.',
                $settings->time,
                $settings->aperture,
                $situation->assignment->wanted->label ?? $subject,
                $error->inWords(),
                $error->value > 0 ? 'bright' : 'dark',
            ),
            evidence: [
                new Evidence(
                    'exposure off by',
                    $error->value,
                    'stops',
                    self::MISS,
                    self::MISS - abs($error->value),
                ),
                new Evidence('exposure time of the frame before', $before->time->exact, 's', $settings->time->exact),
            ],
            source: 'Two frames of one person with the same aperture and exposure time in manual, and a miss of more '.
                'than a stop and a half.',
        );
    }
}
