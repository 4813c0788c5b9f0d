<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\DistractionKind;
use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Composition\WayOut;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * Marked distractions: what can be done about them on the spot, and the crop that loses them.
 *
 * @phpstan-import-type MarkedDistraction from MarkMeasures
 */
#[Declared('composition.distractions', Topic::Composition)]
final class DistractionsLeft extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$distractions, $composition] = [
            $situation->measures->claims->marks->distractions ?? [],
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
            topic: $this->topic(),
            severity: $held >= Thresholds::DISTRACTS ? Severity::Weakness : Severity::Choice,
            sentence: implode(' ', array_filter([
                sprintf(
                    '%s %s %.1f %% of what draws the eye.',
                    ucfirst(self::names($distractions)),
                    count($distractions) === 1 ? 'takes' : 'take',
                    $held,
                ),
                self::wayOut($distractions),
                $crop === null
                    ? 'No crop of a usual shape loses '.(count($distractions) === 1 ? 'it' : 'them').
                        ' and keeps the subject.'
                    : sprintf(
                        'A crop to %s loses %s and keeps %.0f %% of the frame.',
                        $crop['ratio'],
                        count($distractions) === 1 ? 'it' : 'them',
                        $crop['keptPct'],
                    ),
            ])),
            evidence: [
                new Evidence('attention they take', $held, '%', Thresholds::DISTRACTS, Thresholds::DISTRACTS - $held),
                ...$crop === null ? [] : [new Evidence('kept by the crop', $crop['keptPct'], '%')],
            ],
            source: 'The marks, the attention map and the crops of usual shapes.',
            confidence: 0.6,
        );
    }

    /**
     * What was marked, by its names; what has none is a distraction.
     *
     * @param  non-empty-list<MarkedDistraction>  $distractions
     */
    private static function names(array $distractions): string
    {
        $counts = array_count_values(array_map(
            fn (array $one): string => DistractionKind::tryFrom($one['what'] ?? '')->value ?? 'other',
            $distractions,
        ));
        $names = [];
        foreach ($counts as $kind => $count) {
            $names[] = $count === 1
                ? DistractionKind::from($kind)->named()
                : sprintf('%d %s', $count, DistractionKind::from($kind)->many());
        }
        $last = array_pop($names);

        return ($names === [] ? '' : implode(', ', $names).' and ').$last;
    }

    /**
     * The next thing to try against the one that takes most, in the order of the field.
     *
     * @param  non-empty-list<MarkedDistraction>  $distractions
     */
    private static function wayOut(array $distractions): string
    {
        usort($distractions, fn (array $a, array $b): int => $b['attentionPct'] <=> $a['attentionPct']);
        [$worst, $tried] = [$distractions[0], $distractions[0]['tried'] ?? []];
        $kind = DistractionKind::tryFrom($worst['what'] ?? '') ?? DistractionKind::Other;
        $left = array_values(
            array_filter($kind->waysOut(), fn (WayOut $way): bool => ! in_array($way->value, $tried, true)),
        );
        if ($left === []) {
            return 'You tried everything that there is: let it be, or take another picture.';
        }

        return sprintf(
            '%s %s: %s%s.',
            $tried === [] ? 'Against' : 'You tried '.count($tried).(count($tried) === 1 ? ' way' : ' ways').
                '; what is left against',
            $kind->named(),
            $left[0]->label(),
            isset($left[1]) && $left[1] !== WayOut::Later ? ', or '.$left[1]->label() : '',
        );
    }
}
