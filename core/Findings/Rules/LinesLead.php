<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\Leads;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Straight lines that lead to the subject, or were meant to. */
#[Declared('composition.lines-lead', Topic::Composition)]
final class LinesLead extends FindingRule
{
    /** One line leads by chance, and two may be the edges of one thing: meant, two will do; unsaid, three. */
    private const MEANT = 2;

    private const UNSAID = 3;

    public function needs(): array
    {
        return [Need::Composition, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$composition, $subject, $marked] = [
            $situation->measures->composition,
            $situation->measures->subject,
            $situation->measures->claims->marks?->leads,
        ];
        if ($composition === null || $subject === null) {
            return null;
        }
        $leads = Leads::to($subject->region, $composition->segments, $composition->aspect);
        $all = array_sum(array_column($composition->segments, 'length'));
        $share = $all > 0 ? array_sum(array_column($leads, 'length')) / $all : 0.0;
        $declared = $situation->statement->intent->idea === Idea::Lines || $marked !== null;
        $isKept =
            $marked !== null
                ? $marked['leading'] === $marked['marked']
                : count($leads) >= ($declared ? self::MEANT : self::UNSAID) && $share >= Thresholds::LEADING;
        if (! $isKept && ! $declared) {
            return null;
        }
        $evidence = [
            new Evidence(
                'straight lines that lead to it',
                100 * $share,
                '% of their length',
                100 * Thresholds::LEADING,
                100 * ($share - Thresholds::LEADING),
            ),
        ];

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isKept ? Severity::Praise : Severity::Weakness,
            sentence: $isKept
                ? ($marked !== null
                    ? 'The lines that you marked run to the subject and take the eye there.'
                    : sprintf('%d straight lines run to the subject and take the eye there.', count($leads)))
                : ($marked !== null
                    ? sprintf(
                        'Of the %d lines that you marked, %d would reach the subject if they went on. Step to the '.
                            'side, or lower the camera, until they meet where the subject is.',
                        $marked['marked'],
                        $marked['leading'],
                    )
                    : 'You wanted lines that lead to the subject, and the lines of this picture run past it. Mark the '.
                        'one you mean, or step to the side until they meet where the subject is.'),
            evidence: $marked === null
                ? $evidence
                : [
                    new Evidence(
                        'marked lines that reach it',
                        (float) $marked['leading'],
                        '',
                        (float) $marked['marked'],
                    ),
                    ...$evidence,
                ],
            source: 'Straight edges, and marked lines, gone on with past their nearer end.',
            confidence: $marked === null ? 0.5 : null,
        );
    }
}
