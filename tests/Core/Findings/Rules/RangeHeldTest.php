<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\RangeHeld;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Series\SeriesKind;

final class RangeHeldTest extends TestCase
{
    public function test_both_ends_held_and_one_open(): void
    {
        $frames = [[8, 1 / 500, 100, 0], [8, 1 / 60, 100, 1]];
        $closed = Situations::tones([30 => 5000, 118 => 3000, 230 => 2000]);
        $found = (new RangeHeld())->judge(Situations::series($frames, SeriesKind::Bracket, tones: [$closed, $closed]));
        $this->assertSame(Severity::Praise, $found?->severity);

        $lost = Situations::tones([30 => 5000, 118 => 3000, 255 => 2000]);
        $open = (new RangeHeld())->judge(Situations::series($frames, SeriesKind::Bracket, tones: [$lost, $lost]));
        $this->assertSame(Severity::Weakness, $open?->severity);
        $this->assertStringContainsString('a darker frame is missing', $open->sentence);
        $this->assertStringNotContainsString('brighter frame', $open->sentence);
    }

    public function test_silent_until_every_frame_is_measured(): void
    {
        $this->assertNull(
            (new RangeHeld())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 60, 100, 1]], SeriesKind::Bracket),
            ),
        );
    }
}
