<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesCoveredStops;
use TruePupil\Core\Checks\Measures\SeriesLostPct;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\UsableRange;
use TruePupil\Core\Series\BracketLength;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A bracket that does not reach over the range of the scene. */
#[Declared(
    'series.bracket-too-short',
    Topic::Series,
    contradictedBy: [SeriesCoveredStops::class, SeriesLostPct::class],
)]
final class BracketTooShort extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$series, $scene, $iso] = [
            $situation->assignment->series,
            $situation->statement->intent->sceneStops,
            $situation->record->exposure->iso,
        ];
        if ($series?->kind() !== SeriesKind::Bracket || $scene === null || $iso === null) {
            return null;
        }
        $usable = UsableRange::of($situation->kit?->body, $iso);
        $covered = $usable->value + $series->rangeOf('exposure');
        $short = $scene - $covered;
        if ($short <= 1 / 3) {
            return null;
        }
        $steps = $series->steps();
        $step = max(1.0, $steps === [] ? 1.0 : array_sum($steps) / count($steps));
        $frames = BracketLength::frames($scene, $usable->value, $step);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'Together these frames hold about %s, and the scene spans %s. At this step it takes %d frames; you '.
                    'took %d.',
                Stops::of($covered)->inWords(),
                Stops::of($scene)->inWords(),
                $frames,
                $series->count(),
            ),
            evidence: [
                new Evidence('range held', $covered, 'stops', $scene, -$short),
                new Evidence('frames', (float) $series->count(), '', (float) $frames),
            ],
            source: 'ceil((scene range − usable range)/step) + 1 frames.',
        );
    }
}
