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

    public function test_what_a_brief_asked_and_missed_comes_first_and_only_grave_things_join_it(): void
    {
        $all = [
            $this->finding('shaken', Topic::Movement, Severity::Fault),
            $this->finding('tone', Topic::Tone, Severity::Weakness),
            $this->finding('brief.wide', Topic::Depth, Severity::Fault),
            $this->finding('crisp', Topic::Focus, Severity::Praise),
        ];

        $this->assertSame(['brief.wide', 'shaken', 'crisp'], $this->plan($all, [])[0]);
        $this->assertSame(['brief.wide', 'tone', 'crisp'], $this->plan($all, ['tone'])[0]);
        $this->assertSame(
            ['brief.wide', 'tone', 'brief.long'],
            $this->plan([...$all, $this->finding('brief.long', Topic::Lens, Severity::Fault)], ['tone'])[0],
            'what was missed is not left out for a compliment',
        );
        $this->assertSame([['crisp'], ['tone']], $this->plan([$all[1], $all[3]], []), 'everything asked is met');
    }

    /**
     * @param  list<Finding>  $findings
     * @param  ?list<string>  $asked
     * @return array{list<string>, list<string>}
     */
    private function plan(array $findings, ?array $asked = null): array
    {
        $ids = fn (array $some): array => array_map(fn (Finding $one): string => $one->id, $some);
        [$said, $rest] = Planner::of($findings, fn (Finding $finding): Finding => $finding, $asked);

        return [$ids($said), $ids($rest)];
    }

    private function finding(string $id, Topic $topic, Severity $severity, ?float $confidence = null): Finding
    {
        return new Finding($id, $topic, $severity, 'A sentence.', [], '', confidence: $confidence);
    }
}
