<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Situation\Situation;

/** Something quick, or a pan, with the electronic shutter: what crosses the frame while it is read is slanted. */
#[Declared('movement.rolling-shutter', Topic::Movement)]
final class RollingShutter extends FindingRule
{
    /** What crosses a frame quickly enough to be somewhere else when the last lines are read. */
    private const QUICK = [Stir::Running, Stir::Alert, Stir::Flying];

    /** s: shorter than the reading of most sensors, so that the slant is not hidden in a blur. */
    private const SHORT = 1 / 60;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $record = $situation->record;
        $time = $record->exposure->exposureTime;
        $isPan = $situation->statement->intent->movement?->want === MovementLook::Pan;
        $isQuick = in_array($situation->statement->intent->stir(), self::QUICK, true)
            && ($time->exact ?? INF) <= self::SHORT;
        if ($record->handling->silent !== true || ! ($isPan || $isQuick)) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'The silent shutter reads the frame line by line: %s? The mechanical shutter keeps its shape.',
                $isPan
                    ? 'do the upright things behind it slant'
                    : 'is anything in it slanted that is upright, or oval that is round',
            ),
            evidence: [new Evidence('shutter', 'electronic', '', 'mechanical')],
            source: 'An electronic shutter reads the lines of the sensor one after the other, in most bodies within '.
                '1/20 to 1/60 s.',
            confidence: 0.6,
        );
    }
}
