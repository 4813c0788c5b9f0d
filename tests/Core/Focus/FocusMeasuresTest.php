<?php

declare(strict_types=1);

namespace Tests\Core\Focus;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\EdgeBlur;
use TruePupil\Core\Focus\EdgeEnergy;
use TruePupil\Core\Focus\FocusMeasures;

/** Sharpness from made-up maps: steps of known blur, whose energies the theory gives. */
final class FocusMeasuresTest extends TestCase
{
    private const COLUMNS = 32;

    private const ROWS = 20;

    public function test_the_blur_of_a_step_comes_back_whatever_its_height(): void
    {
        foreach ([0.0, 0.5, 1.0, 2.0, 4.0] as $blur) {
            foreach ([10.0, 100.0] as $height) {
                $this->assertEqualsWithDelta(
                    $blur,
                    EdgeBlur::of(self::step($blur, $height), self::step($blur, $height, true)),
                    0.001,
                );
            }
        }
        $this->assertSame(EdgeBlur::LONGEST, EdgeBlur::of(5.0, 5.0), 'what a second blur leaves alone is no edge');
        $this->assertSame(1.0, EdgeBlur::sharpness(0.0));
        $this->assertEqualsWithDelta(0.5, EdgeBlur::sharpness(0.8 * sqrt(3)), 1e-9);
    }

    public function test_the_sharpest_part_is_found_and_the_subject_judged_by_itself(): void
    {
        $map = self::map(fn (int $x): array => $x >= 24 ? [0.4, 0.4] : [3.0, 3.0]);
        $right = FocusMeasures::of($map, Region::of(0.8, 0.1, 0.15, 0.8));
        $left = FocusMeasures::of($map, Region::of(0.1, 0.1, 0.5, 0.8));

        $this->assertGreaterThan(0.75, $right->sharpest['x'] ?? 0);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(0.4), $right->sharpness, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(0.4), $right->subject?->sharpness, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(3.0), $left->subject?->sharpness, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(3.0) / EdgeBlur::sharpness(0.4), $left->subject->ratio, 0.01);
        $this->assertSame([1.0, 0.0], [$right->subject?->crisp, $left->subject->crisp]);
    }

    public function test_what_is_marked_later_is_judged_as_if_it_had_been_marked_at_once(): void
    {
        foreach ([[0.4, 3.0], [2.5, 2.5], [1.0, 0.0]] as [$there, $elsewhere]) {
            $map = self::map(fn (int $x): array => $x >= 20 ? [$there, $there] : [$elsewhere, $elsewhere]);
            $plain = FocusMeasures::of($map);
            foreach ([[0.7, 0.1, 0.25, 0.8], [0.1, 0.1, 0.5, 0.8], [0.4, 0.3, 0.4, 0.4]] as $sides) {
                $this->assertEquals(
                    FocusMeasures::of($map, Region::of(...$sides), $map),
                    $plain->marked($map, Region::of(...$sides), $map),
                );
            }
            $this->assertEquals($plain, $plain->marked($map, null));
        }
    }

    public function test_a_frame_that_is_soft_all_over_is_soft(): void
    {
        $soft = FocusMeasures::of(self::map(fn (): array => [2.5, 2.5]), Region::of(0.3, 0.3, 0.3, 0.3));

        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.5), $soft->sharpness, 0.01);
        $this->assertEqualsWithDelta(1.0, $soft->subject?->ratio, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.5), $soft->subject?->sharpness, 0.01);
        $this->assertNull($soft->smear);
    }

    public function test_noise_is_neither_sharp_nor_in_the_way(): void
    {
        // White noise loses most of its slopes to a second blur, as the sharpest edge would.
        $noise = [4.0, 0.27];
        $noisy = FocusMeasures::of(self::map(fn (int $x): array => $x < 20 ? [2.5, 2.5] : [0.0, 0.0, 0.0], $noise));
        $only = FocusMeasures::of(self::map(fn (): array => [0.0, 0.0, 0.0], $noise));

        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.5), $noisy->sharpness, 0.02);
        $this->assertNull($noisy->map[30], 'noise alone says nothing');
        $this->assertSame([null, 0.0], [$only->sharpness, $only->confidence]);
    }

    public function test_weak_edges_may_tell_that_a_subject_is_lost_but_never_that_it_is_sharp(): void
    {
        // On the right, steps too low to be judged; on the left, crisp ones of full height.
        $subject = Region::of(0.7, 0.1, 0.25, 0.7);
        $right = fn (float $blur, float $height): ?float => FocusMeasures::of(
            self::map(fn (int $x): array => $x < 16 ? [0.4, 0.4] : [$blur, $blur, $height]),
            $subject,
        )->subject?->sharpness;

        $this->assertEqualsWithDelta(EdgeBlur::sharpness(8.0), $right(8.0, 32.0), 0.02, 'blurred away');
        $this->assertNull($right(0.5, 10.0), 'a faint pattern, however crisp, is no basis');
        $this->assertNull($right(8.0, 4.0), 'and nothing at all is none');
    }

    public function test_a_smooth_subject_is_not_soft_because_its_shades_are(): void
    {
        // Shades within the subject, plain ground, and between them an outline of this blur.
        $subject = Region::of(0.25, 0.25, 0.5, 0.5);
        $sharpness = fn (float $outline, float $blur, int $shaded): ?float => FocusMeasures::of(
            self::map(function (int $x, int $y) use ($outline, $blur, $shaded): array {
                $away = max(abs($x - 15.5) / 8, abs($y - 9.5) / 5);

                return match (true) {
                    $x < 3 => [0.4, 0.4],
                    $away < 1 && in_array($y, [9, 10], true) && abs($x - 15.5) < $shaded / 2 => [$blur, $blur, 30.0],
                    $away > 1 && $away < 1.3 => [$outline, $outline],
                    default => [0.0, 0.0, 0.0],
                };
            }),
            $subject,
        )->subject?->sharpness;

        $this->assertNull($sharpness(0.5, 5.0, 10), 'a crisp outline: the thing is smooth');
        $this->assertNull($sharpness(0.5, 9.0, 10), 'so faint that only weak edges show it');
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(5.0), $sharpness(5.0, 5.0, 10), 0.01, 'soft all over');
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.0), $sharpness(1.6, 2.0, 10), 0.01, 'hardly sharper');
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(5.0), $sharpness(0.5, 5.0, 14), 0.01, 'detail enough');
        $this->assertNull($sharpness(0.5, 5.0, 2), 'four cells tell too little');
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(1.5), $sharpness(0.4, 1.5, 10), 0.01, 'held against nobody');
    }

    public function test_a_tiny_subject_full_of_edges_is_judged_however_crisp_what_lies_round_it(): void
    {
        $tiny = FocusMeasures::of(
            self::map(fn (int $x, int $y): array => $x === 15 && in_array($y, [8, 9], true) ? [4.0, 4.0] : [0.5, 0.5]),
            Region::of(15 / 32, 8 / 20, 1 / 32, 2 / 20),
        );

        $this->assertEqualsWithDelta(EdgeBlur::sharpness(4.0), $tiny->subject?->sharpness, 0.01);
    }

    public function test_a_picture_without_edges_is_not_judged(): void
    {
        $focus = FocusMeasures::of(self::map(fn (): array => [0.5, 0.5, 5.0]), Region::of(0.2, 0.2, 0.2, 0.2));

        $this->assertSame(
            [null, null, null, 0.0],
            [$focus->sharpest, $focus->sharpness, $focus->subject, $focus->confidence],
        );
    }

    public function test_a_blur_one_way_is_told_with_its_way(): void
    {
        $across = FocusMeasures::of(self::map(fn (): array => [3.0, 0.4]), Region::of(0.3, 0.3, 0.3, 0.3));
        $this->assertSame(0.0, $across->smear?->degrees);
        $this->assertEqualsWithDelta(3.0, $across->smear->along, 0.05);
        $this->assertSame(0.0, $across->subject?->moved);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(3.0), $across->subject->sharpness, 0.01, 'softest way counts');
        $this->assertSame(90.0, FocusMeasures::of(self::map(fn (): array => [0.4, 3.0]))->smear?->degrees);
    }

    public function test_where_something_stood_still_the_camera_did_too(): void
    {
        $map = self::map(fn (int $x): array => $x < 6 ? [0.0, 0.0] : [3.0, 0.4]);
        $focus = FocusMeasures::of($map, Region::of(0.4, 0.2, 0.4, 0.6));

        $this->assertNull($focus->smear);
        $this->assertSame(0.0, $focus->subject?->moved, 'the subject moved before a still ground');
    }

    public function test_an_eye_is_held_against_the_face_round_it(): void
    {
        $whole = self::map(fn (): array => [0.4, 0.4]);
        // Fifteen by fifteen cells, the eye in the middle three.
        $face = fn (float $eye, float $round): DetailMap => self::map(
            fn (int $x, int $y): array => max(abs($x - 7), abs($y - 7)) <= 1 ? [$eye, $eye] : [$round, $round],
            columns: 15,
            rows: 15,
        );
        $behind = FocusMeasures::of($whole, null, $face(2.5, 0.6))->eye;
        $held = FocusMeasures::of($whole, null, $face(0.5, 2.0))->eye;

        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.5), $behind?->sharpness, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(2.5) / EdgeBlur::sharpness(0.6), $behind?->ratio, 0.01);
        $this->assertEqualsWithDelta(EdgeBlur::sharpness(0.5), $held?->sharpness, 0.01);
        $this->assertSame(1.0, $held?->ratio);
    }

    public function test_it_is_stored_and_restored_and_older_measures_are_not_mistaken_for_it(): void
    {
        $focus = FocusMeasures::of(self::map(fn (): array => [3.0, 0.4]), Region::of(0.6, 0.2, 0.3, 0.5));

        $this->assertEqualsWithDelta(
            $focus->toArray(),
            FocusMeasures::restore(json_decode((string) json_encode($focus->toArray()), true))?->toArray(),
            1e-3,
        );
        $this->assertNull(FocusMeasures::restore(['sharpness' => 0.5, 'subjectRatio' => 1.0, 'directional' => 0.0]));
    }

    /** What a step adds to the squared slopes along a line of 25 pixels: h² / (2√π · σ), spread over it. */
    private static function step(float $blur, float $height = 60.0, bool $again = false): float
    {
        $spread = sqrt($blur ** 2 + 0.8 ** 2 + ($again ? 1.6 ** 2 : 0.0));

        return $height ** 2 / (2 * sqrt(M_PI) * $spread) / 25;
    }

    /**
     * Cells with upright and level edges alike; the lowest rows are plain, so that noise can be read there.
     *
     * @param  callable(int, int): array{0: float, 1: float, 2?: float}  $at
     *   blur across and downwards, and the height of the steps in codes
     * @param  array{float, float}  $noise  its energy, fine and blurred
     */
    private static function map(
        callable $at,
        array $noise = [0.0, 0.0],
        int $columns = self::COLUMNS,
        int $rows = self::ROWS,
    ): DetailMap {
        $lists = [[], [], [], []];
        for ($y = 0; $y < $rows; $y++) {
            for ($x = 0; $x < $columns; $x++) {
                $cell = $y >= $rows - 3 && $columns === self::COLUMNS ? [1.0, 1.0, 0.0] : $at($x, $y);
                [$across, $down, $height] = [...$cell, 60.0];
                $lists[0][] = self::step($across, $height) + $noise[0] / 2;
                $lists[1][] = self::step($down, $height) + $noise[0] / 2;
                $lists[2][] = self::step($across, $height, true) + $noise[1] / 2;
                $lists[3][] = self::step($down, $height, true) + $noise[1] / 2;
            }
        }
        $none = array_fill(0, $columns * $rows, 0.0);

        return new DetailMap(
            $columns,
            $rows,
            new EdgeEnergy($lists[0], $lists[1], $none),
            new EdgeEnergy($lists[2], $lists[3], $none),
        );
    }
}
