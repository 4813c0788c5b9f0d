<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\HighlightsKept;

final class HighlightsKeptTest extends TestCase
{
    public function test_light_and_whole_is_praised(): void
    {
        $this->assertNotNull((new HighlightsKept())->judge(Situations::make(subject: 1.4, lostPct: 0.2)));
    }

    public function test_dark_subjects_and_lost_ones_are_not(): void
    {
        $this->assertNull((new HighlightsKept())->judge(Situations::make(subject: 0.2)));
        $this->assertNull((new HighlightsKept())->judge(Situations::make(subject: 1.9, lostPct: 4)));
        $this->assertNull((new HighlightsKept())->judge(Situations::make(subject: 1.4, burntPct: 78.0)), 'red is gone');
    }
}
