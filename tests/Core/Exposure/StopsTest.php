<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Stops;

final class StopsTest extends TestCase
{
    #[DataProvider('written')]
    public function test_stops_are_written_in_thirds_or_halves_whichever_is_nearer(
        float $value,
        string $signed,
        string $words,
    ): void {
        $this->assertSame($signed, Stops::of($value)->signed());
        $this->assertSame($words, Stops::of($value)->inWords());
    }

    public static function written(): array
    {
        return [
            [5 / 3, '+1⅔', '1⅔ stops'],
            [-1 / 3, '−⅓', '⅓ stop'],
            [0.0, '0', '0 stops'],
            [-1.0, '−1', '1 stop'],
            [0.1, '0', '0.1 stop'],
            [0.04, '0', '0 stops'],
            [0.5, '+½', '½ stop'],
            [-1.5, '−1½', '1½ stops'],
            [0.41, '+⅓', '⅓ stop'],
            [0.43, '+½', '½ stop'],
            [-0.17, '−⅓', '⅓ stop'],
            [12.34, '+12⅓', '12⅓ stops'],
            [2 / 3, '+⅔', '⅔ stop'],
        ];
    }

    public function test_a_ratio_and_its_stops_are_each_other_s_inverse(): void
    {
        foreach ([0.01, 0.5, 1.0, 4.0, 1000.0] as $ratio) {
            $this->assertEqualsWithDelta($ratio, Stops::ofRatio($ratio)->ratio(), $ratio * 1e-12);
        }
        $this->assertSame(2.0, Stops::ofRatio(4.0)->value);
    }

    public function test_sums_and_differences(): void
    {
        $this->assertSame(3.5, Stops::of(1.5)->plus(Stops::of(2))->value);
        $this->assertSame(-0.5, Stops::of(1.5)->minus(Stops::of(2))->value);
        $this->assertTrue(Stops::of(1 / 3)->isWithin(Stops::of(1 / 3)));
        $this->assertFalse(Stops::of(-0.4)->isWithin(Stops::of(1 / 3)));
    }

    public function test_what_cannot_be_is_refused_with_the_value_named(): void
    {
        $this->expectException(InvalidExposure::class);
        $this->expectExceptionMessage('got -2');
        Stops::ofRatio(-2.0);
    }
}
