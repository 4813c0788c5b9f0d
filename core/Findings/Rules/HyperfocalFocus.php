<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A picture that should be sharp to the horizon: how its focus compares with the hyperfocal distance. */
#[Declared('depth.hyperfocal', Topic::Depth)]
final class HyperfocalFocus extends FindingRule
{
    /** Binary logarithm of the distance: within it the focus is at the hyperfocal distance. */
    private const AT = 0.3;

    private const FAR = 1.0;

    /** Share by which the near end may lie beyond what was wanted. */
    private const HAIR = 0.05;

    public function needs(): array
    {
        return [Need::Settings, Need::FocalLength, Need::Format, Need::Distance];
    }

    public function judge(Situation $situation): ?Finding
    {
        $depth = $situation->depth();
        $focus = $situation->focusDistance();
        if (
            $depth === null ||
            $focus === null ||
            ! $situation->statement->intent->asksForDepth() ||
            $situation->statement->intent->sharpTo() !== null
        ) {
            return null;
        }
        $off = log($focus / $depth->hyperfocal, 2);
        if ($off <= self::AT) {
            // Where an end of what was wanted is soft, another finding says so.
            return ! $this->holds($depth, $situation->statement->intent->sharpFrom()) ? null : new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Praise,
                sentence: sprintf(
                    'Focused at %s, the hyperfocal distance of %s: sharp from %s to the horizon with nothing wasted.',
                    Metres::text($focus),
                    Metres::text($depth->hyperfocal),
                    Metres::text($depth->near),
                ),
                evidence: [new Evidence('focus', $focus, 'm', $depth->hyperfocal)],
                source: 'Hyperfocal distance f²/(N·c) + f.',
            );
        }
        // Nearer than hyperfocal the horizon is soft; another finding says so.
        if ($off < self::FAR) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: sprintf(
                'Focused at %s it is sharp from %s on. Focused at the hyperfocal distance, %s, it would be sharp from '.
                    '%s on, at the same aperture.',
                Metres::text($focus),
                Metres::text($depth->near),
                Metres::text($depth->hyperfocal),
                Metres::text($depth->hyperfocal / 2),
            ),
            evidence: [new Evidence('focus', $focus, 'm', $depth->hyperfocal)],
            source: 'Hyperfocal distance f²/(N·c) + f.',
            otherView: 'Others focus on what matters most, or at the horizon, and take the foreground as it comes.',
        );
    }

    /** @param  ?float  $near  in metres, from where it should look sharp */
    private function holds(DepthOfField $depth, ?float $near): bool
    {
        return $depth->far === null && ($near === null || $depth->near <= $near * (1 + self::HAIR));
    }
}
