<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Marked distractions, and the crop that loses them. */
final class DistractionsLeft implements FindingRule
{
    public function id(): string
    {
        return 'composition.distractions';
    }

    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$distractions, $composition] = [
            $situation->measures->marks->distractions ?? [],
            $situation->measures->composition,
        ];
        if ($distractions === [] || $composition === null) {
            return null;
        }
        $held = array_sum(array_column($distractions, 'attentionPct'));
        $clear = array_values(
            array_filter($composition->crops, fn (array $crop): bool => $crop['distractionsPct'] <= 0.0),
        );
        usort($clear, fn (array $a, array $b): int => $b['keptPct'] <=> $a['keptPct']);
        $crop = $clear[0] ?? null;

        return new Finding(
            id: $this->id(),
            topic: Topic::Composition,
            severity: $held >= Thresholds::DISTRACTS ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                '%s you marked as %s %.1f %% of what draws the eye. %s',
                count($distractions) === 1 ? 'What' : sprintf('The %d places that', count($distractions)),
                count($distractions) === 1 ? 'a distraction takes' : 'distractions take',
                $held,
                $crop === null
                    ? 'No crop of a usual shape loses them and keeps the subject: move, or wait.'
                    : sprintf(
                        'A crop to %s loses them and keeps %.0f %% of the frame; half a step to the side may cost '.
                            'nothing.',
                        $crop['ratio'],
                        $crop['keptPct'],
                    ),
            ),
            evidence: [
                new Evidence('attention they take', $held, '%', Thresholds::DISTRACTS, Thresholds::DISTRACTS - $held),
                ...$crop === null ? [] : [new Evidence('kept by the crop', $crop['keptPct'], '%')],
            ],
            source: 'The marks, the attention map and the crops of usual shapes.',
            confidence: 0.6,
        );
    }
}
