<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Asks every rule what it notices. */
final readonly class Critic
{
    /** Below this confidence nothing is called something to put right. */
    private const SURE = 0.5;

    /** @param  list<FindingRule>  $rules */
    public function __construct(public array $rules)
    {
    }

    /** @return list<Finding> by harm times confidence, praise last */
    public function judge(Situation $situation): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            $isAsked = ! ($rule instanceof SensorRule) || ! $situation->isFilm();
            $finding = $isAsked && $this->missing($rule, $situation) === [] ? $rule->judge($situation) : null;
            if ($finding !== null) {
                $isUnsure = $finding->severity === Severity::Fault && ($finding->confidence ?? 1.0) < self::SURE;
                $findings[] = self::placed($isUnsure ? $finding->lessSevere() : $finding, $rule, $situation);
            }
        }
        usort(
            $findings,
            fn (Finding $a, Finding $b): int => $a->order() <=> $b->order(),
        );

        return $findings;
    }

    /** What is said of a marked subject is said of its place, unless the rule knows better. */
    private static function placed(Finding $finding, FindingRule $rule, Situation $situation): Finding
    {
        $isOfSubject = $finding->patch === null && in_array(Need::Subject, $rule->needs(), true);

        return $isOfSubject ? $finding->in($situation->measures->subject?->region) : $finding;
    }

    /**
     * What would have to be known for the rules that had to stay silent.
     *
     * @return array<string, list<Need>> by rule id
     */
    public function unmetNeeds(Situation $situation): array
    {
        $needs = [];
        foreach ($this->rules as $rule) {
            $missing = $this->missing($rule, $situation);
            if ($missing !== []) {
                $needs[$rule->id()] = $missing;
            }
        }

        return $needs;
    }

    /** @return list<Need> */
    private function missing(FindingRule $rule, Situation $situation): array
    {
        return array_values(array_filter($rule->needs(), fn (Need $need): bool => ! $need->isKnownIn($situation)));
    }
}
