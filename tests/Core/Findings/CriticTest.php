<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Situation\Need;

final class CriticTest extends TestCase
{
    public function test_what_must_be_put_right_comes_first_and_praise_last(): void
    {
        $findings = $this->critic()->judge(Situations::make(t: 1 / 400, iso: 800, subject: 4 / 3, lostPct: 0.2));
        $ranks = array_map(fn ($finding) => $finding->severity->rank(), $findings);
        $sorted = $ranks;
        sort($sorted);

        $this->assertSame($sorted, $ranks);
        $this->assertSame('noise.iso-slack', $findings[0]->id);
        $this->assertGreaterThan(1, count($findings));
    }

    public function test_rules_that_lack_an_input_stay_silent_and_say_what_they_need(): void
    {
        $situation = Situations::make(subject: null, support: null);
        $silences = $this->critic()->unmetNeeds($situation);

        $this->assertSame([], $this->critic()->judge($situation));
        $this->assertSame([Need::Support], $silences['noise.iso-slack']);
        $this->assertSame([Need::Subject], $silences['tone.lost-highlights-subject']);
    }

    public function test_every_rule_has_its_own_id_and_says_it_in_its_findings(): void
    {
        $rules = $this->critic()->rules;
        $ids = array_map(fn (FindingRule $rule): string => $rule->id(), $rules);

        $this->assertSame($ids, array_unique($ids));
        $this->assertGreaterThanOrEqual(60, count($ids));
        foreach (
            [
                Situations::make(),
                Situations::make(subject: 4 / 3, compensation: 1),
                Situations::make(subject: 2.2, lostPct: 20, iso: 1600, t: 1 / 1000),
            ] as $situation
        ) {
            foreach ($rules as $rule) {
                $finding = $rule->judge($situation);
                $this->assertSame($rule->id(), $finding->id ?? $rule->id());
                $this->assertNotSame([], $finding->evidence ?? ['none made']);
            }
        }
    }

    public function test_a_suggestion_taken_leaves_nothing_of_what_it_claimed_to_fix(): void
    {
        $before = Situations::make(n: 4, t: 1 / 200, iso: 200, subject: 0.0);
        $suggestion = (new PlacementAdviser())->suggest($before)[0];
        // The same light at the suggested settings: the subject moves by what the settings changed.
        $moved = $suggestion->exposure->settings->stopsBrighterThan($before->record->settings())->value;
        $after = Situations::make(
            n: $suggestion->exposure->settings->aperture->nominal(),
            t: $suggestion->exposure->settings->time->nominal(),
            iso: $suggestion->exposure->settings->iso->nominal(),
            compensation: $suggestion->exposure->compensation,
            subject: $moved,
            metering: ['scene' => $moved],
        );
        $ids = array_column(
            array_map(fn ($finding) => $finding->toArray(), $this->critic()->judge($after)),
            'severity',
            'id',
        );

        $this->assertSame('praise', $ids['exposure.subject-placed']);
        $this->assertArrayNotHasKey('exposure.meter-fooled', $ids);
    }

    public function test_a_critique_as_plain_values(): void
    {
        $critique = Critique::of(Situations::make(), $this->critic());

        $this->assertSame([], $critique->toArray()['checks']);
        $this->assertNotSame([], $critique->toArray()['suggestions']);
        $this->assertJson((string) json_encode($critique->toArray()));
    }

    public function test_one_finding_one_test(): void
    {
        foreach (Rules::all() as $rule) {
            $name = basename(str_replace('\\', '/', $rule::class));
            $this->assertFileExists(__DIR__.'/Rules/'.$name.'Test.php', $name);
        }
    }

    private function critic(): Critic
    {
        return Rules::critic();
    }
}
