<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\CosineTransform;

final class CosineTransformTest extends TestCase
{
    public function test_a_plain_map_is_its_mean_and_nothing_else(): void
    {
        $waves = (new CosineTransform(6, 4))->of(array_fill(0, 24, 5.0));
        $this->assertEqualsWithDelta(5.0 * sqrt(24), $waves[0], 1e-9);
        $this->assertEqualsWithDelta(array_fill(0, 23, 0.0), array_slice($waves, 1), 1e-9);
    }

    /** Two points: half of the sum and half of the difference, each times the square root of two. */
    public function test_two_by_two_by_hand(): void
    {
        $transform = new CosineTransform(2, 2);
        $this->assertEqualsWithDelta([5.0, -1.0, -2.0, 0.0], $transform->of([1.0, 2.0, 3.0, 4.0]), 1e-9);
        $this->assertEqualsWithDelta([1.0, 2.0, 3.0, 4.0], $transform->back([5.0, -1.0, -2.0, 0.0]), 1e-9);
    }

    public function test_each_wave_is_found_by_its_number_and_no_other(): void
    {
        $transform = new CosineTransform(8, 6);
        foreach ([[1, 0], [0, 1], [2, 3], [7, 5], [3, 2]] as [$across, $down]) {
            $map = [];
            for ($y = 0; $y < 6; $y++) {
                for ($x = 0; $x < 8; $x++) {
                    $map[] = cos((M_PI * ($x + 0.5) * $across) / 8) * cos((M_PI * ($y + 0.5) * $down) / 6);
                }
            }
            $waves = $transform->of($map);
            $expected = array_fill(0, 48, 0.0);
            // The length of a wave is the root of half of its places, of the slowest the root of all.
            $expected[$down * 8 + $across] = sqrt($across === 0 ? 8 : 4) * sqrt($down === 0 ? 6 : 3);
            $this->assertEqualsWithDelta($expected, $waves, 1e-9, "$across, $down");
        }
    }

    public function test_back_again_and_as_strong_as_before(): void
    {
        mt_srand(7);
        $map = array_map(fn (): float => mt_rand(-1000, 1000) / 10, range(1, 64 * 48));
        $transform = new CosineTransform(64, 48);
        $waves = $transform->of($map);
        $this->assertEqualsWithDelta($map, $transform->back($waves), 1e-9);
        $strength = fn (array $values): float => array_sum(array_map(fn (float $one): float => $one ** 2, $values));
        $this->assertEqualsWithDelta($strength($map), $strength($waves), 1e-3);
    }

    public function test_what_does_not_fill_it_or_cannot_be_halved_is_refused(): void
    {
        foreach ([fn () => new CosineTransform(3, 4), fn () => new CosineTransform(4, 0)] as $odd) {
            try {
                $odd();
                $this->fail('Such a map was taken.');
            } catch (InvalidArgumentException $problem) {
                $this->assertStringContainsString('even', $problem->getMessage());
            }
        }
        $this->expectException(InvalidArgumentException::class);
        (new CosineTransform(4, 4))->back([1.0]);
    }
}
