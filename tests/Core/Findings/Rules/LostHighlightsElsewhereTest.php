<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\LostHighlightsElsewhere;

final class LostHighlightsElsewhereTest extends TestCase
{
    public function test_surroundings_lost_while_the_subject_kept_its_own(): void
    {
        $finding = (new LostHighlightsElsewhere())->judge(Situations::make(frameLostPct: 9, lostPct: 0.5));

        // The subject is 8 % of the frame, so its half percent is 0.04 % of it.
        $this->assertEqualsWithDelta(9 - 0.04, $finding?->evidence[0]->value, 0.001);
    }

    public function test_a_subject_that_lost_its_own_is_the_other_finding_s_matter(): void
    {
        $this->assertNull((new LostHighlightsElsewhere())->judge(Situations::make(frameLostPct: 9, lostPct: 3)));
    }

    public function test_a_little_lost_says_nothing(): void
    {
        $this->assertNull((new LostHighlightsElsewhere())->judge(Situations::make(frameLostPct: 4)));
    }
}
