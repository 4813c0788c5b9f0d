<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;

/**
 * A finding never faults what a check of the same brief met: the brief was read first, and what it asked for is right
 * here, whatever the rule thinks elsewhere. And where the cause of a fault is found, the fault is not told beside it.
 * Which rules that is about, they declare.
 */
final class Agreement
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<CheckResult>  $checks
     * @param  list<FindingRule>  $rules  that the findings are of
     * @param  SettingBounds  $bounds  what the brief asks of settings
     * @return list<Finding>
     */
    public static function of(
        array $findings,
        array $checks,
        array $rules,
        SettingBounds $bounds = new SettingBounds(),
    ): array {
        $findings = self::asTheBriefHasIt($findings, $bounds);
        $met = [];
        foreach ($checks as $result) {
            if ($result->verdict === Verdict::Met) {
                $met[] = $result->check->measure::class;
            }
        }
        $found = array_map(fn (Finding $finding): string => $finding->id, $findings);
        $explained = $contradicted = [];
        foreach ($rules as $rule) {
            $declared = $rule->declared();
            if (in_array($declared->id, $found, true)) {
                array_push($explained, ...$declared->explains);
            }
            if (array_intersect($declared->contradictedBy, $met) !== []) {
                $contradicted[] = $rule::class;
            }
        }
        $silent = [];
        foreach ($rules as $rule) {
            if (in_array($rule::class, [...$explained, ...$contradicted], true)) {
                $silent[] = $rule->id();
            }
        }

        return array_values(
            array_filter(
                $findings,
                fn (Finding $finding): bool => $finding->severity === Severity::Praise
                    || ! in_array($finding->id, $silent, true),
            ),
        );
    }

    /**
     * Nobody is told to do what the brief forbids: an opinion that asks for it is not given, and what is to be put
     * right is said without those settings.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function asTheBriefHasIt(array $findings, SettingBounds $bounds): array
    {
        $kept = [];
        foreach ($findings as $finding) {
            $isForbidden = $finding->suggestion !== null && $bounds->missedBy($finding->suggestion) !== [];
            if (! $isForbidden) {
                $kept[] = $finding;
            } elseif ($finding->severity !== Severity::Choice) {
                $kept[] = $finding->withoutSuggestion();
            }
        }

        return $kept;
    }
}
