<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BracketComplete;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Series\SeriesKind;

final class BracketCompleteTest extends TestCase
{
    public function test_three_even_frames(): void
    {
        $this->assertSame(
            Severity::Praise,
            (new BracketComplete())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]]),
            )?->severity,
        );
    }

    public function test_not_when_anything_else_moves_or_a_step_is_off(): void
    {
        $this->assertNull(
            (new BracketComplete())->judge(
                Situations::series(
                    [[8, 1 / 500, 100, 0], [8, 1 / 125, 200, 1], [8, 1 / 30, 100, 2]],
                    SeriesKind::Bracket,
                ),
            ),
        );
        $this->assertNull(
            (new BracketComplete())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 250, 100, 1], [8, 1 / 30, 100, 2]]),
            ),
        );
        $this->assertNull(
            (new BracketComplete())->judge(
                Situations::series([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 60], [8, 1 / 30, 100, 90]]),
            ),
        );
    }
}
