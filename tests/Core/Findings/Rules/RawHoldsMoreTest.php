<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\Exposing;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\RawHoldsMore;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Measures\RawMeasures;

final class RawHoldsMoreTest extends TestCase
{
    public function test_what_the_preview_lost_and_the_sensor_holds(): void
    {
        // Ten percent of the frame are white in the preview; in the raw file they lie from 1⅓ stops to the end up.
        $finding = $this->judge(
            lost: 10.0,
            raw: new RawMeasures(
                Situations::raw(['-5' => 90, '-3' => 10], ['-4' => 89, '-1.35' => 2, '-0.5' => 9], ['-4' => 100]),
            ),
        );

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('shows 10.0 % of the frame as lost', $finding->sentence);
        $this->assertStringContainsString('still holds 1⅓ stops', $finding->sentence);
        $this->assertSame(0.0, $finding->evidence[1]->value);
    }

    public function test_who_exposes_to_the_right_is_praised_for_it(): void
    {
        $raw = new RawMeasures(Situations::raw(['-3' => 100], ['-4' => 90, '-1' => 10], ['-3' => 100]));
        $toTheRight = new Approach(light: new ApproachToLight(exposing: Exposing::ToTheRight));

        $this->assertSame(Severity::Praise, $this->judge(10.0, $raw, approach: $toTheRight)?->severity);
    }

    public function test_a_subject_is_what_is_looked_at(): void
    {
        $raw = new RawMeasures(
            Situations::raw(['-3' => 100], ['-4' => 98, '-1' => 2], ['-3' => 100]),
            Situations::raw(['-3' => 100], ['-4' => 50, '-1' => 50], ['-3' => 100]),
        );

        $this->assertStringContainsString('12.0 % of the subject', (string) $this->judge(2.0, $raw, 12.0)?->sentence);
        $this->assertStringContainsString('2.0 % of the frame', (string) $this->judge(2.0, $raw, 1.4)?->sentence);
    }

    public function test_silent_where_nothing_is_lost_or_the_raw_file_lost_it_too_or_there_is_none(): void
    {
        $held = new RawMeasures(Situations::raw(['-3' => 100], ['-4' => 90, '-1' => 10], ['-3' => 100]));
        // A quarter of ten percent.
        $few = new RawMeasures(Situations::raw(['-3' => 100], ['-4' => 97.5, '0' => 2.5], ['-3' => 100]));
        $more = new RawMeasures(Situations::raw(['-3' => 100], ['-4' => 97.4, '0' => 2.6], ['-3' => 100]));

        $this->assertNotNull($this->judge(1.0, $held));
        $this->assertNull($this->judge(0.9, $held));
        $this->assertNotNull($this->judge(10.0, $few));
        $this->assertNull($this->judge(10.0, $more));
        $this->assertNull($this->judge(10.0, null));
    }

    private function judge(
        float $lost,
        ?RawMeasures $raw,
        ?float $ofSubject = null,
        Approach $approach = new Approach(),
    ): ?Finding {
        return (new RawHoldsMore())->judge(
            Situations::make(
                subject: $ofSubject === null ? null : 1.0,
                lostPct: $ofSubject ?? 0.0,
                frameLostPct: $lost,
                approach: $approach,
                raw: $raw,
            ),
        );
    }
}
