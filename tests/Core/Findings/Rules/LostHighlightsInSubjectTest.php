<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LostHighlightsInSubject;
use TruePupil\Core\Findings\Severity;

final class LostHighlightsInSubjectTest extends TestCase
{
    public function test_twelve_percent_lost_is_a_fault_where_highlights_come_first(): void
    {
        $finding = (new LostHighlightsInSubject())->judge(Situations::make(subject: 2.0, lostPct: 12));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-10.5, $finding->evidence[0]->margin, 0.01);
    }

    public function test_a_course_that_protects_shadows_takes_it_lighter_and_names_the_other_view(): void
    {
        $finding = (new LostHighlightsInSubject())->judge(
            Situations::make(
                subject: 2.0,
                lostPct: 12,
                approach: new Approach(light: new ApproachToLight(protects: Protects::Shadows)),
            ),
        );

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertStringContainsString('shadows', (string) $finding->otherView);
    }

    public function test_pale_tones_at_the_end_of_one_channel_are_lost_before_they_are_white(): void
    {
        $burnt = (new LostHighlightsInSubject())->judge(Situations::make(subject: 1.5, burntPct: 40.0));

        $this->assertSame(Severity::Weakness, $burnt?->severity);
        $this->assertStringContainsString('In 40 % of the subject', $burnt->sentence);
        $this->assertNull((new LostHighlightsInSubject())->judge(Situations::make(subject: 1.5, burntPct: 5.9)));
        $this->assertNotNull((new LostHighlightsInSubject())->judge(Situations::make(subject: 1.5, burntPct: 6.1)));
    }

    public function test_a_spot_weighs_less_than_a_lost_form(): void
    {
        $severity = fn (float $lost) => (new LostHighlightsInSubject())->judge(
            Situations::make(subject: 1.5, lostPct: $lost),
        )?->severity;

        $this->assertSame(Severity::Weakness, $severity(7.9));
        $this->assertSame(Severity::Fault, $severity(8.1));
    }

    public function test_glints_say_nothing(): void
    {
        $this->assertNull((new LostHighlightsInSubject())->judge(Situations::make(lostPct: 1.4)));
        // Two percent of half a percent of the frame: a glint on a beetle.
        $tiny = fn (float $side): ?Finding => (new LostHighlightsInSubject())->judge(
            Situations::make(lostPct: 2.0, region: Region::of(0.4, 0.4, $side, $side)),
        );
        $this->assertNull($tiny(sqrt(0.0249)));
        $this->assertNotNull($tiny(sqrt(0.0251)));
    }
}
