<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Critique\Planner;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

final class PlannerTest extends TestCase
{
    public function test_three_sentences_at_most_by_weight_and_one_of_them_praise(): void
    {
        [$said, $rest] = $this->plan([
            $this->finding('tone', Topic::Tone, Severity::Weakness),
            $this->finding('light praise', Topic::Noise, Severity::Praise),
            $this->finding('shaken', Topic::Movement, Severity::Fault),
            $this->finding('crisp', Topic::Focus, Severity::Praise),
            $this->finding('edge', Topic::Composition, Severity::Weakness),
        ]);

        $this->assertSame(['shaken', 'tone', 'crisp'], $said);
        $this->assertEqualsCanonicalizing(['edge', 'light praise'], $rest);
    }

    public function test_without_praise_there_is_room_for_a_third(): void
    {
        $three = array_map(
            fn (string $id): Finding => $this->finding($id, Topic::Tone, Severity::Weakness),
            ['a', 'b', 'c', 'd'],
        );

        $this->assertSame([['a', 'b', 'c'], ['d']], $this->plan($three));
    }

    public function test_what_is_under_the_mark_is_not_said_though_there_is_room(): void
    {
        $doubtful = fn (float $confidence): array => $this->plan([
            $this->finding('perhaps', Topic::Composition, Severity::Choice, $confidence),
        ])[0];

        // A choice in composition weighs half its confidence.
        $this->assertSame([], $doubtful(0.59));
        $this->assertSame(['perhaps'], $doubtful(0.61));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array{list<string>, list<string>}
     */
    private function plan(array $findings): array
    {
        $ids = fn (array $some): array => array_map(fn (Finding $one): string => $one->id, $some);
        [$said, $rest] = Planner::of($findings, fn (Finding $finding): Finding => $finding);

        return [$ids($said), $ids($rest)];
    }

    private function finding(string $id, Topic $topic, Severity $severity, ?float $confidence = null): Finding
    {
        return new Finding($id, $topic, $severity, 'A sentence.', [], '', confidence: $confidence);
    }
}
