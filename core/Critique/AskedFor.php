<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;

/** Which findings speak of what a brief asked and did not get: the brief leads, and they come first. */
final class AskedFor
{
    /** How the ids of findings begin that a check itself gave. */
    public const PREFIX = 'brief.';

    /**
     * @param  list<string>  $measures  ids of the measures of checks that were missed or close
     * @param  list<FindingRule>  $rules
     * @return list<string> ids of the rules that speak of these, or of what caused them
     */
    public static function rules(array $measures, array $rules): array
    {
        $asked = array_map(fn (string $id): string => Measures::of($id)::class, $measures);
        $speaking = array_filter($rules, fn (FindingRule $rule): bool => self::speaksOf($rule, $asked));
        $classes = array_map(fn (FindingRule $rule): string => $rule::class, $speaking);
        $causes = array_filter(
            $rules,
            fn (FindingRule $rule): bool => array_intersect($rule->declared()->explains, $classes) !== [],
        );

        return array_values(array_unique(array_map(
            fn (FindingRule $rule): string => $rule->id(),
            [...$speaking, ...$causes],
        )));
    }

    /**
     * @param  list<CheckResult>  $checks
     * @return list<string> ids of the measures of those that were missed or close
     */
    public static function missed(array $checks): array
    {
        return array_values(array_map(
            fn (CheckResult $result): string => $result->check->measure->id,
            array_filter($checks, fn (CheckResult $result): bool => $result->verdict->isOff()),
        ));
    }

    /**
     * Whether a finding speaks of what was asked and missed.
     *
     * @param  list<string>  $asked  as rules() has them
     */
    public static function isAbout(Finding $finding, array $asked): bool
    {
        return in_array($finding->id, $asked, true) || str_starts_with($finding->id, self::PREFIX);
    }

    /** @param  list<class-string<Measure>>  $asked */
    private static function speaksOf(FindingRule $rule, array $asked): bool
    {
        return array_intersect($rule->declared()->contradictedBy, $asked) !== [];
    }
}
