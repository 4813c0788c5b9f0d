<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\PlainSentence;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Situation\Need;

/**
 * What a brief asked and did not get, as findings: in the sentence of whoever wrote the brief, with what was measured.
 * Where a rule says more of the same, the rule speaks, and this is silent.
 */
final class CheckFindings
{
    /**
     * @param  list<CheckResult>  $checks
     * @param  list<Finding>  $findings  what the rules found
     * @param  list<FindingRule>  $rules
     * @param  ?Region  $subject  as it was marked
     * @return list<Finding> of checks that were missed or close and of which no rule spoke
     */
    public static function of(array $checks, array $findings, array $rules, ?Region $subject = null): array
    {
        $found = array_map(
            fn (Finding $finding): string => $finding->id,
            array_filter($findings, fn (Finding $finding): bool => $finding->severity !== Severity::Praise),
        );
        $own = [];
        foreach ($checks as $result) {
            $speaking = AskedFor::rules([$result->check->measure->id], $rules);
            if ($result->verdict->isOff() && array_intersect($speaking, $found) === []) {
                $isOfSubject = in_array(Need::Subject, Measures::of($result->check->measure->id)->needs, true);
                $own[] = self::one($result)->in($isOfSubject ? $subject : null);
            }
        }

        return $own;
    }

    private static function one(CheckResult $result): Finding
    {
        $check = $result->check;
        $isMissed = $result->verdict === Verdict::Missed;
        $value = $result->value ?? '';

        return new Finding(
            id: AskedFor::PREFIX.$check->id,
            topic: CheckTopic::of($check->measure->id),
            severity: $isMissed ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                '%s “%s.” %s',
                $isMissed ? 'The brief asks:' : 'Nearly as the brief asks:',
                rtrim($check->sentence, '.'),
                self::measured($check, $value),
            ),
            evidence: [
                new Evidence(
                    $check->measure->label,
                    is_string($value) ? $check->measure->word($value) : $value,
                    $check->measure->unit,
                    is_string($value) || is_array($check->limit)
                        ? implode(', ', (array) $check->limit)
                        : $check->limitOf($value),
                    $result->margin,
                ),
            ],
            source: 'The brief. '.$check->reason,
        );
    }

    private static function measured(Check $check, float|string $value): string
    {
        $measure = $check->measure;
        if (is_string($value) || is_array($check->limit)) {
            return sprintf('Here it is %s.', $measure->word((string) $value));
        }
        // What is off by a hair reads the same, and is not.
        $limit = $measure->told($check->limitOf($value));
        if ($measure->told($value) === $limit) {
            return sprintf('Here it misses %s by a hair.', $limit);
        }
        // The distance from zero to either side is asked, and the side it went to is the news.
        if ($check->comparison === Comparison::Within) {
            return sprintf('Here it is %s, %s.', $measure->told($value), $measure->sides[$value < 0 ? 0 : 1]);
        }

        return sprintf(
            $check->sentence === PlainSentence::of($check) ? 'Here it is %s.' : 'Here it is %s; %s was asked.',
            $measure->told($value),
            PlainSentence::demand($check),
        );
    }
}
