<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\TestCase;
use Tests\Core\Briefs;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Situation\Situation;

/** A brief that somebody composed leads the critique of a frame that misses it. */
final class CheckFindingsTest extends TestCase
{
    public function test_each_missed_check_is_a_finding_in_the_sentence_of_its_brief_and_stands_first(): void
    {
        $plain = Critique::of($this->situation(8.0, 33.0), Rules::critic())->toArray();

        $this->assertSame(['focus.eye', 'brief.wide', 'brief.long'], array_column($plain['findings'], 'id'));
        $this->assertSame(
            'The brief asks: “The aperture is wide.” Here it is ƒ/8; ƒ/2.8 or wider was asked.',
            $plain['findings'][1]['sentence'],
        );
        $this->assertSame(
            'The brief asks: “A longer lens.” Here it is 33 mm; 70 mm or longer was asked.',
            $plain['findings'][2]['sentence'],
        );
        $this->assertSame(['value' => 8.0, 'limit' => 2.8], array_intersect_key(
            $plain['findings'][1]['evidence']['aperture'],
            ['value' => 0, 'limit' => 0],
        ));
    }

    public function test_the_suggestion_is_solved_against_what_was_missed(): void
    {
        $kit = Situations::kit(more: [
            'lenses' => [['name' => 'Marlpit 85 mm', 'minFocal' => 85, 'widestAtMin' => 1.8, 'closestFocus' => 0.8]],
        ]);
        $advice = Critique::of($this->situation(8.0, 85.0, $kit), Rules::critic())->advice;

        $this->assertNotSame([], $advice->suggestions);
        foreach ($advice->suggestions as $suggestion) {
            $this->assertLessThanOrEqual(2.81, $suggestion->exposure->settings->aperture->nominal());
        }
        $this->assertContains('brief.wide', $advice->suggestions[0]->effect->fixes);
        $this->assertNotContains('focus.eye', $advice->suggestions[0]->effect->fixes, 'settings move no focus');
    }

    public function test_without_such_a_lens_the_rest_of_what_was_asked_is_solved_and_the_lens_named(): void
    {
        $advice = Critique::of($this->situation(8.0, 33.0), Rules::critic())->advice;

        $this->assertContains('brief.wide', $advice->suggestions[0]->effect->fixes);
        $this->assertNotContains('brief.long', $advice->suggestions[0]->effect->fixes);
        $this->assertStringContainsString('another lens', implode(' ', $advice->suggestions[0]->effect->costs));
    }

    public function test_a_close_one_weighs_less_and_a_met_one_says_nothing(): void
    {
        $close = $this->findings($this->situation(3.2, 85.0, eye: 0.9));
        $this->assertSame(['brief.wide'], array_keys($close));
        $this->assertSame(Severity::Weakness, $close['brief.wide']->severity);
        $this->assertStringStartsWith('Nearly as the brief asks:', $close['brief.wide']->sentence);
        $this->assertSame([], $this->findings($this->situation(2.8, 85.0, eye: 0.9)));
    }

    public function test_what_is_off_by_a_hair_is_not_told_with_two_numbers_that_read_alike(): void
    {
        $this->assertSame(
            'Nearly as the brief asks: “A longer lens.” Here it misses 70 mm by a hair.',
            $this->findings($this->situation(2.8, 69.9, eye: 0.9))['brief.long']->sentence,
        );
        $this->assertStringContainsString(
            'Here it is 69 mm',
            $this->findings($this->situation(2.8, 69.0, eye: 0.9))['brief.long']->sentence,
        );
    }

    public function test_where_a_rule_says_more_of_the_same_the_rule_speaks_and_stands_first(): void
    {
        $brief = Briefs::asking([
            self::check('placement', 'subject.placementError', 'within', 0.34, 0.34, 'It lies where it belongs'),
        ]);
        $situation = Situations::make(subject: -0.2, brief: $brief, metering: ['scene' => 0.0]);
        $plain = Critique::of($situation, Rules::critic())->toArray();

        $this->assertSame('exposure.meter-fooled', $plain['findings'][0]['id']);
        $this->assertStringNotContainsString('brief.placement', (string) json_encode($plain));
    }

    public function test_where_such_a_rule_is_silenced_the_check_speaks_for_itself(): void
    {
        $brief = Briefs::asking([
            self::check('placement', 'subject.placementError', 'within', 0.34, 0.34, 'It lies where it belongs'),
        ]);
        $situation = Situations::make(subject: -0.2, brief: $brief);
        $critique = Critique::of($situation, Rules::critic(), ['exposure.meter-fooled', 'exposure.subject-placed',
            'exposure.far-off']);

        $this->assertSame('brief.placement', $critique->findings[0]->id);
    }

    public function test_words_are_told_as_words(): void
    {
        $brief = Briefs::asking([
            self::check('light', 'record.support', 'oneOf', ['tripod'], 0.0, 'The camera stands still'),
        ]);
        $found = $this->findings(Situations::make(brief: $brief));

        $this->assertStringEndsWith('Here it is by hand.', $found['brief.light']->sentence);
    }

    private function situation(float $n, float $focal, ?Kit $kit = null, float $eye = 0.2): Situation
    {
        return Situations::make(
            n: $n,
            focalLength: $focal,
            wanted: null,
            kit: $kit,
            focus: ['eye' => ['sharpness' => $eye]],
            brief: Briefs::asking([
                self::check('wide', 'record.fNumber', 'atMost', 2.8, 0.45, 'The aperture is wide'),
                self::check('long', 'record.focalLength35', 'atLeast', 70.0, 5.0, 'A longer lens.'),
                self::check('eye', 'focus.eyeSharpness', 'atLeast', 0.52, 0.1, 'The eye is sharp'),
            ]),
        );
    }

    /** @return array<string, Finding> of checks, by id */
    private function findings(Situation $situation): array
    {
        $own = array_filter(
            Critique::of($situation, Rules::critic())->findings,
            fn (Finding $finding): bool => str_starts_with($finding->id, 'brief.'),
        );

        return array_combine(array_map(fn (Finding $one): string => $one->id, $own), $own);
    }

    /**
     * @param  float|list<string>  $limit
     * @return array<string, mixed>
     */
    private static function check(
        string $id,
        string $measure,
        string $comparison,
        float|array $limit,
        float $tolerance,
        string $sentence,
    ): array {
        return compact('id', 'measure', 'comparison', 'limit', 'tolerance', 'sentence');
    }
}
