<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * A time shorter than one pulse of lamps on the mains, in the light of lamps: a part of the frame, or every other
 * frame, may have got less.
 */
#[Declared('exposure.lamp-bands', Topic::Exposure)]
final class LampBands extends FindingRule
{
    /** Light that lamps give and daylight out of doors does not, EV100. */
    private const BRIGHTEST = 9.0;

    /** Balanced for lamps, kelvin. */
    private const LAMPS = 4600;

    /** Of a pulse: nearer to a whole one too little is missing to be seen. */
    private const SHARE = 2 / 3;

    /** s: of the mains with 60 Hz, whose pulses are the shorter ones. */
    private const PULSE = 1 / 120;

    public function needs(): array
    {
        return [Need::Settings];
    }

    public function judge(Situation $situation): ?Finding
    {
        $record = $situation->record;
        $time = $record->exposure->exposureTime;
        $kelvin = $record->handling->kelvin;
        $light = $record->settings()?->ev100();
        if (
            $time === null || $light === null || $kelvin === null || $situation->isLitByFlash() ||
            $situation->isComposite() || $kelvin > self::LAMPS || $light->value > self::BRIGHTEST ||
            $time->exact >= self::SHARE * self::PULSE
        ) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'In the light of lamps %s may catch less than a pulse of theirs: are there bands, or is every other '.
                    'frame darker? If so, 1/100 s or 1/50 s is steady where the mains has 50 Hz, 1/120 s or 1/60 s '.
                    'at 60 Hz%s.',
                $time,
                $record->handling->silent === true ? ', and the mechanical shutter shows fewer bands' : '',
            ),
            evidence: [
                new Evidence(
                    'exposure time',
                    $time->exact,
                    's',
                    self::PULSE,
                    log($time->exact / self::PULSE, 2),
                    'stops',
                ),
            ],
            source: 'Lamps on the mains pulse twice in each of its cycles; whole pulses give an even light.',
            confidence: 0.6,
        );
    }
}
