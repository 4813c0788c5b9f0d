<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BracketTooShort;
use TruePupil\Core\Series\SeriesKind;

final class BracketTooShortTest extends TestCase
{
    public function test_two_frames_where_three_are_needed(): void
    {
        // At ISO 6400 6.3 stops are clean; two stops more by the bracket make 8.3 of 11.
        $finding = (new BracketTooShort())->judge(
            Situations::series([[8, 1 / 500, 6400, 0], [8, 1 / 125, 6400, 1]], SeriesKind::Bracket, sceneStops: 10.0),
        );

        $this->assertEqualsWithDelta(8.32, $finding?->evidence[0]->value, 0.02);
        $this->assertSame(3.0, $finding->evidence[1]->limit);
    }

    public function test_wide_enough(): void
    {
        $this->assertNull(
            (new BracketTooShort())->judge(
                Situations::series(
                    [[8, 1 / 500, 6400, 0], [8, 1 / 125, 6400, 1], [8, 1 / 30, 6400, 2]],
                    SeriesKind::Bracket,
                    sceneStops: 10.0,
                ),
            ),
        );
    }
}
