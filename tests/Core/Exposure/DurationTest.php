<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Duration;

final class DurationTest extends TestCase
{
    #[DataProvider('durations')]
    public function test_a_duration_is_told_in_the_unit_of_a_person(float $seconds, string $text): void
    {
        $this->assertSame($text, Duration::text($seconds));
    }

    /** @return list<array{float, string}> */
    public static function durations(): array
    {
        return [
            [0.4, '0 s'],
            [6.0, '6 s'],
            [119.0, '119 s'],
            [120.0, '2 minutes'],
            [5400.0, '90 minutes'],
            [7200.0, '2 hours'],
            [172_800.0, '2 days'],
            [215_222_899.0, '7 years'],
        ];
    }
}
