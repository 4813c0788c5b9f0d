<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\TwoValuesMoved;
use TruePupil\Core\Series\SeriesKind;

final class TwoValuesMovedTest extends TestCase
{
    public function test_aperture_and_iso(): void
    {
        $finding = (new TwoValuesMoved())->judge(
            Situations::series(
                [[4, 1 / 125, 100, 0], [5.6, 1 / 125, 400, 20], [8, 1 / 125, 1600, 40]],
                SeriesKind::OneVariable,
            ),
        );

        $this->assertStringContainsString('The aperture and ISO', (string) $finding?->sentence);
    }

    public function test_one_alone(): void
    {
        $this->assertNull(
            (new TwoValuesMoved())->judge(Situations::series([[4, 1 / 125, 100, 0], [5.6, 1 / 125, 100, 20]])),
        );
    }
}
