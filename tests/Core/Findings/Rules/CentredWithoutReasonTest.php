<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\PlacingSubject;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Rules\CentredWithoutReason;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class CentredWithoutReasonTest extends TestCase
{
    public function test_a_course_that_begins_off_centre_asks_for_the_reason(): void
    {
        $finding = (new CentredWithoutReason())->judge(Situations::make(approach: $this->offCentre()));
        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertNotNull($finding->otherView);
    }

    public function test_a_reason_an_idea_another_place_or_another_school(): void
    {
        $rule = new CentredWithoutReason();
        $this->assertNull(
            $rule->judge(Situations::make(approach: $this->offCentre(), reason: 'It looks straight at us.')),
        );
        $this->assertNull(
            $rule->judge(Situations::make(approach: $this->offCentre(), intent: new Intent(idea: Idea::Centre))),
        );
        $this->assertNull(
            $rule->judge(Situations::make(approach: $this->offCentre(), region: Region::of(0.2, 0.3, 0.2, 0.4))),
        );
        // It fills the frame: there is no other place for it.
        $this->assertNull(
            $rule->judge(Situations::make(approach: $this->offCentre(), region: Region::of(0.1, 0.1, 0.8, 0.8))),
        );
        $this->assertNull($rule->judge(Situations::make()));
        $this->assertNull($rule->judge(Situations::make(subject: null, approach: $this->offCentre())));
    }

    private function offCentre(): Approach
    {
        return new Approach(picture: new ApproachToPicture(placing: PlacingSubject::OffCentreFirst));
    }
}
