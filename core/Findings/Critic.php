<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Asks every rule what it notices. */
final readonly class Critic
{
    /** @param  list<FindingRule>  $rules */
    public function __construct(public array $rules)
    {
    }

    /** @return list<Finding> what must be put right first, praise last */
    public function judge(Situation $situation): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            $isAsked = ! ($rule instanceof SensorRule) || ! $situation->isFilm();
            $finding = $isAsked && $this->missing($rule, $situation) === [] ? $rule->judge($situation) : null;
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        usort(
            $findings,
            fn (Finding $a, Finding $b): int => [$a->severity->rank(), $a->id] <=> [$b->severity->rank(), $b->id],
        );

        return $findings;
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
