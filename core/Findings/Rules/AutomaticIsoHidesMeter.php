<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\IsoSetting;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Automatic ISO in manual: the meter always says zero. */
#[Declared('mode.automatic-iso-hides-meter', Topic::Mode, contradictedBy: [RecordMode::class])]
final class AutomaticIsoHidesMeter extends SensorRule
{
    public function needs(): array
    {
        return [Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $mode = $situation->record->exposure->mode;
        if ($mode !== ExposureMode::ManualAutoIso) {
            return null;
        }
        $byHand = $situation->approach->light->iso === IsoSetting::ByHand;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $byHand ? Severity::Weakness : Severity::Choice,
            sentence: 'Manual with automatic ISO is not manual: whatever aperture and time you set, ISO answers, the '.
                'meter stands at zero, and the exposure is the camera\'s. Only compensation moves it, where the body '.
                'allows that here.',
            evidence: [
                new Evidence(
                    'ISO',
                    $situation->record->exposure->iso === null
                        ? 'automatic'
                        : (string) $situation->record->exposure->iso,
                    '',
                    'set by hand',
                ),
            ],
            source: 'Who decides what in each mode.',
            otherView: $byHand
                ? 'Others use it on purpose: time and aperture for the picture, ISO for the light, with a ceiling.'
                : 'Others set ISO by hand in manual, so that the meter tells the truth.',
        );
    }
}
