<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\MapZone;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Critique\FrameAdviser;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

final class FrameAdviserTest extends TestCase
{
    public function test_without_kit_or_intent_one_value_of_the_frame_moves(): void
    {
        $advice = $this->advise(Situations::make(t: 1 / 200, subject: 0.0));

        $this->assertEqualsWithDelta(4 / 3, $advice->suggestions[0]->exposure->compensation, 0.01);
        $this->assertNotNull($advice->map, 'the map is drawn all the same, with what the record tells');
        $this->assertSame('frame', $advice->map->points[0]->what);
    }

    public function test_hands_are_only_supposed_where_nobody_said_what_held_the_camera(): void
    {
        $why = fn (?Support $support): string => implode(
            ' ',
            array_map(
                fn (MapZone $zone): string => $zone->reason === 'shake' ? $zone->why : '',
                $this->advise(Situations::make(t: 1 / 200, support: $support))->map->zones ?? [],
            ),
        );

        $this->assertStringContainsString('if held by hand', $why(null));
        $this->assertStringNotContainsString('if held', $why(Support::Hand));
    }

    public function test_with_a_kit_the_whole_of_it_is_searched_and_compensation_says_how_to_get_there(): void
    {
        $advice = $this->advise(Situations::make(n: 5.6, t: 1 / 200, iso: 800, subject: 1 / 3, kit: Situations::kit()));
        $best = $advice->suggestions[0];

        // The subject offered EV 10 and belongs at +1⅓: EV 8⅔ places it.
        $this->assertEqualsWithDelta(10 - 4 / 3 - 0.03, $best->exposure->settings->ev100()->value, 0.25);
        $this->assertEqualsWithDelta(1.0, $best->exposure->compensation, 0.01);
        $this->assertContains('exposure.subject-placed', $best->effect->fixes);
    }

    public function test_the_aperture_of_the_frame_is_left_alone_where_nothing_is_gained(): void
    {
        $wish = new Intent(distances: new IntendedDistances(subject: 2.0, near: 1.9, far: 2.1));
        $best = $this->advise(
            Situations::make(
                n: 4,
                t: 1 / 800,
                iso: 1600,
                subject: 4 / 3,
                kit: Situations::kit(['stabiliserStops' => 2]),
                intent: $wish,
            ),
        )->suggestions[0];

        // By hand a stop of ISO buys a stop of safety; the aperture stays.
        $this->assertSame('ƒ/4, 1/100 s, ISO 200', (string) $best->exposure->settings);
    }

    public function test_a_good_frame_gets_no_suggestion(): void
    {
        $this->assertSame(
            [],
            $this->advise(Situations::make(n: 8, t: 1 / 60, iso: 100, subject: 4 / 3, kit: Situations::kit()))
                ->suggestions,
        );
    }

    public function test_an_impossible_wish_is_said_to_be_one(): void
    {
        $wish = new Intent(distances: new IntendedDistances(subject: 3.0, near: 0.6, far: INF));

        $this->assertNotNull(
            $this->advise(
                Situations::make(n: 8, t: 1 / 60, subject: 0.0, wanted: 0.0, kit: Situations::kit(), intent: $wish),
            )->impossible,
        );
    }

    public function test_what_a_rule_suggests_appears_with_the_others(): void
    {
        $titles = fn (Situation $situation): array => array_map(
            fn (Suggestion $suggestion): string => $suggestion->title,
            $this->advise($situation)->suggestions,
        );
        $auto = $titles(Situations::make(mode: ExposureMode::Auto, wanted: null));

        $this->assertContains('Begin with the same exposure in aperture priority: ƒ/5.6, 1/100 s, ISO 100', $auto);
        $this->assertSame([], $titles(Situations::make(wanted: null)), 'nothing where nothing is wrong');
    }

    public function test_no_suggestion_repeats_an_exposure_that_was_judged_wrong(): void
    {
        foreach ([null, Situations::kit()] as $kit) {
            foreach ([-7.0, -4.0] as $subject) {
                $situation = Situations::make(
                    n: 5.6,
                    t: 1 / 2000,
                    iso: 800,
                    mode: ExposureMode::Auto,
                    subject: $subject,
                    wanted: null,
                    kit: $kit,
                );
                $before = $situation->record->settings() ?? throw new \LogicException();
                $suggestions = $this->advise($situation)->suggestions;
                $this->assertNotSame([], $suggestions);
                foreach ($suggestions as $suggestion) {
                    $this->assertEqualsWithDelta(
                        -$subject,
                        $suggestion->exposure->settings->stopsBrighterThan($before)->value -
                            $suggestion->exposure->filterStops,
                        0.4,
                        $suggestion->title,
                    );
                }
            }
        }
    }

    private function advise(Situation $situation): Advice
    {
        return (new FrameAdviser(Rules::critic()))->advise($situation, Rules::critic()->judge($situation));
    }
}
