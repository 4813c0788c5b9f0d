<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BracketSlow;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Series\SeriesKind;

final class BracketSlowTest extends TestCase
{
    public function test_half_a_minute_between_frames(): void
    {
        $finding = (new BracketSlow())->judge(
            Situations::series(
                [[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 30], [8, 1 / 30, 100, 60]],
                SeriesKind::Bracket,
                drive: DriveMode::Single,
            ),
        );

        $this->assertEqualsWithDelta(30.0, $finding?->evidence[0]->value, 0.1);
        $this->assertStringContainsString('single drive', $finding->sentence);
    }

    public function test_long_exposures_are_not_gaps(): void
    {
        $this->assertNull(
            (new BracketSlow())->judge(
                Situations::series([[8, 8, 100, 0], [8, 30, 100, 9], [8, 2, 100, 42]], SeriesKind::Bracket),
            ),
        );
    }

    public function test_years_between_two_frames_are_a_wrong_clock(): void
    {
        $said = fn (int $seconds): string => (string) (new BracketSlow())->judge(
            Situations::series(
                [[8, 1 / 125, 100, 0], [8, 1 / 30, 100, 1], [8, 1 / 8, 100, $seconds]],
                SeriesKind::Bracket,
            ),
        )?->sentence;

        $this->assertStringContainsString('10 minutes went by', $said(601));
        $this->assertStringContainsString('clock of the camera set', $said(215_222_899));
        $this->assertStringContainsString('7 years', $said(215_222_899));
    }
}
