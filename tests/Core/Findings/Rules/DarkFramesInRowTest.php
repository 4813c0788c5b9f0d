<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\RecordedProcessing;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\DarkFramesInRow;
use TruePupil\Core\Series\Series;

final class DarkFramesInRowTest extends TestCase
{
    public function test_a_row_that_waits_as_long_as_it_exposes(): void
    {
        $this->assertStringContainsString('doubles the wait', (string) self::judge('On', 4.0, 3)?->sentence);
    }

    public function test_off_unsure_unknown_short_or_single(): void
    {
        foreach (['Off', 'Auto', null] as $words) {
            $this->assertNull(self::judge($words, 30.0, 5), (string) $words);
        }
        $this->assertNull(self::judge('On', 3.2, 3));
        $this->assertNull(self::judge('On', 30.0, 2));
    }

    private static function judge(?string $words, float $seconds, int $frames): ?Finding
    {
        return (new DarkFramesInRow())->judge(
            Situations::make(
                t: $seconds,
                record: ['processing' => new RecordedProcessing(longExposureNoise: $words)],
                series: Series::of(
                    Situations::frames(
                        array_map(fn (int $at): array => [8, $seconds, 100, 60 * $at], range(0, $frames - 1)),
                    ),
                ),
            ),
        );
    }
}
