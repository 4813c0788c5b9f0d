<?php

declare(strict_types=1);

namespace Tests\Core\Focus;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\FocusMeasures;

/** Sharpness from made-up detail maps: edges of known width. */
final class FocusMeasuresTest extends TestCase
{
    public function test_the_sharpest_blocks_are_found_and_the_subject_is_held_against_them(): void
    {
        $map = $this->map(fn (int $x, int $y): array => $x >= 12 ? [8.0, 12.0] : [8.0, 3.0]);
        $right = FocusMeasures::of($map, Region::of(0.6, 0.1, 0.3, 0.8));
        $left = FocusMeasures::of($map, Region::of(0.1, 0.1, 0.5, 0.8));

        $this->assertGreaterThan(0.75, $right->sharpest['x'] ?? 0);
        $this->assertEqualsWithDelta(0.75, $right->sharpness, 0.05);
        $this->assertGreaterThan(0.9, $right->subjectRatio);
        $this->assertEqualsWithDelta(0.25, $left->subjectRatio, 0.1);
    }

    public function test_noise_on_plain_ground_is_not_sharpness(): void
    {
        // Noise of two codes: 2.3 of slope, 3.9 of bend, everywhere; on the left an edge three pixels wide besides.
        $map = $this->map(fn (int $x, int $y): array => $x < 6 ? [2.3 + 9.0, 3.9 + 6.0] : [2.3, 3.9], [2.3, 3.9]);
        $focus = FocusMeasures::of($map);

        $this->assertLessThan(0.4, $focus->sharpest['x'] ?? 1);
        $this->assertEqualsWithDelta(1 / 3, $focus->sharpness, 0.05);
    }

    public function test_a_picture_without_texture_is_not_judged(): void
    {
        $focus = FocusMeasures::of($this->map(fn (): array => [0.3, 0.4]), Region::of(0.2, 0.2, 0.2, 0.2));

        $this->assertSame(
            [null, null, null, 0.0],
            [$focus->sharpest, $focus->sharpness, $focus->subjectRatio, $focus->confidence],
        );
    }

    public function test_a_blur_in_one_direction_shows_as_one(): void
    {
        $detail = $this->map(fn (): array => [6.0, 8.0]);
        $smeared = new DetailMap(
            $detail->columns,
            $detail->rows,
            [0.0, ...array_slice($detail->slopeX, 1)],
            $detail->slopeY,
            array_map(fn (float $bend): float => $bend / 4, $detail->bendX),
            $detail->bendY,
        );

        $this->assertEqualsWithDelta(
            0.0,
            FocusMeasures::of($this->map(fn (int $x): array => $x === 0 ? [0.1, 0.1] : [6.0, 8.0]))->directional,
            0.2,
        );
        $this->assertLessThan(-1.0, FocusMeasures::of($smeared)->directional, 'edges across are the softer ones');
    }

    public function test_it_is_stored_and_restored(): void
    {
        $focus = FocusMeasures::of(
            $this->map(fn (int $x, int $y): array => $x > 8 ? [8.0, 12.0] : [0.2, 0.2]),
            Region::of(0.6, 0.2, 0.3, 0.5),
        );

        $this->assertEqualsWithDelta(
            $focus->toArray(),
            FocusMeasures::restore(json_decode((string) json_encode($focus->toArray()), true))->toArray(),
            1e-9,
        );
    }

    /**
     * @param  callable(int, int): array{float, float}  $at  slope and bend, the same both ways
     * @param  array{float, float}  $plain  of the plain corner that noise is read from
     */
    private function map(callable $at, array $plain = [0.1, 0.1]): DetailMap
    {
        $slopes = $bends = [];
        for ($y = 0; $y < 10; $y++) {
            for ($x = 0; $x < 16; $x++) {
                [$slope, $bend] = $at($x, $y);
                $slopes[] = $slope / 2;
                $bends[] = $bend / 2;
            }
        }
        for ($i = 0; $i < 17; $i++) {
            $place = 143 + $i;
            [$slopes[$place], $bends[$place]] = [$plain[0] / 2, $plain[1] / 2];
        }

        return new DetailMap(16, 10, $slopes, $slopes, $bends, $bends);
    }
}
