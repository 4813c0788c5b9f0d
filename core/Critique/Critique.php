<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Everything that is said of one frame: the brief's checks, what was noticed, and what would have been better. */
final readonly class Critique
{
    /**
     * @param  list<CheckResult>  $checks
     * @param  list<Finding>  $findings
     * @param  array<string, list<Need>>  $unmetNeeds  rules that had to stay silent, and what they would need
     * @param  ?list<string>  $asked  ids of rules that speak of checks that were missed or close; null without checks
     */
    private function __construct(
        public array $checks,
        public array $findings,
        public Advice $advice,
        public array $unmetNeeds,
        private ?array $asked,
    ) {
    }

    /**
     * @param  list<string>  $unsaid
     *   ids of rules that are not to speak here; where a check asks of the same, the check speaks for itself
     */
    public static function of(Situation $situation, Critic $critic, array $unsaid = []): self
    {
        $brief = $situation->assignment->brief;
        $checks = $brief === null ? [] : CheckEvaluation::of($brief, $situation);
        $findings = Agreement::of(
            $critic->judge($situation),
            $checks,
            $critic->rules,
            CheckBounds::of($brief, $situation->assignment->row),
        );
        $findings = array_values(array_filter(
            $findings,
            fn (Finding $finding): bool => ! in_array($finding->id, $unsaid, true),
        ));

        array_unshift($findings, ...CheckFindings::of(
            $checks,
            $findings,
            $critic->rules,
            $situation->measures->subject?->region,
        ));

        return new self(
            $checks,
            $findings,
            (new FrameAdviser($critic))->advise($situation, $findings),
            $critic->unmetNeeds($situation),
            $checks === [] ? null : AskedFor::rules(AskedFor::missed($checks), $critic->rules),
        );
    }

    /**
     * @return array{
     *     checks: list<array<string, mixed>>,
     *     findings: list<array<string, mixed>>,
     *     further: list<array<string, mixed>>,
     *     suggestions: list<array<string, mixed>>,
     *     impossible: ?array<string, mixed>,
     * }
     */
    public function toArray(): array
    {
        [$said, $further] = Planner::of($this->findings, fn (Finding $finding): Finding => $finding, $this->asked);

        return [
            'checks' => array_map(fn (CheckResult $result): array => $result->toArray(), $this->checks),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray(), $said),
            'further' => array_map(fn (Finding $finding): array => $finding->toArray(), $further),
            'suggestions' => array_map(
                fn (Suggestion $suggestion): array => $suggestion->toArray(),
                $this->advice->suggestions,
            ),
            'impossible' => $this->advice->impossible?->toArray(),
        ];
    }

    /** @return array<string, list<string>> unmet needs as plain values */
    public function unmetNeedsToArray(): array
    {
        return array_map(
            fn (array $needs): array => array_map(fn (Need $need): string => $need->value, $needs),
            $this->unmetNeeds,
        );
    }
}
