<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Horizon;
use TruePupil\Core\Composition\Lean;
use TruePupil\Core\Composition\LeanMeasures;
use TruePupil\Core\Composition\Lines;
use TruePupil\Core\Raster\ColourGrid;

final class LeanTest extends TestCase
{
    #[DataProvider('leans')]
    public function test_a_horizon_is_found_though_it_is_soft_and_partly_hidden(float $degrees): void
    {
        $sea = self::sea($degrees, softness: 0.02, hidden: 0.3);
        $horizon = Horizon::in($sea->reduced(96)->grey());

        $this->assertEqualsWithDelta($degrees, $horizon?->angle, 0.4);
        $this->assertEqualsWithDelta(0.4, $horizon?->at, 0.02);
        $lean = Lean::of([], $horizon);
        $this->assertEqualsWithDelta($degrees, $lean?->degrees, 0.4);
        $this->assertSame(['horizon', false], [$lean?->from, $lean?->isCertain], 'a slope looks the same');
    }

    /** @return list<array{float}> */
    public static function leans(): array
    {
        return [[0.0], [1.2], [-2.5], [6.0], [-8.0]];
    }

    public function test_a_line_with_anything_but_a_plain_brighter_part_above_it_is_no_horizon(): void
    {
        $grid = fn (callable $above): ?Horizon => Horizon::in(
            Grids::grey(fn (float $x, float $y): float => $y > 0.4 ? 90.0 : $above($x, $y), 96, 64)->grey(),
        );

        $this->assertNotNull($grid(fn (): float => 190.0));
        $this->assertNull($grid(fn (): float => 20.0), 'darker above: a ceiling, a shadow');
        $this->assertNull(
            $grid(fn (float $x, float $y): float => 150 + 90 * sin(60 * $x) * cos(70 * $y)),
            'as lively above as the line is strong: a wall, a wood',
        );
        $this->assertNull(
            Horizon::in(self::sea(0.0, softness: 0.0, hidden: 0.6)->reduced(96)->grey()),
            'most of it hidden',
        );
    }

    public function test_one_line_says_nothing_and_a_cluster_of_one_kind_little(): void
    {
        $this->assertNull(Lean::of([self::line(3.0, 0.5, false)], null));
        $this->assertNull(Lean::of([self::line(-6.0, 0.3, true), self::line(-6.2, 0.31, true)], null), 'a stem');
        $blades = array_map(fn (int $i): array => self::line(-6.0, 0.1 + 0.1 * $i, true), range(0, 2));
        $this->assertNull(Lean::of($blades, null), 'three blades of grass');
    }

    public function test_lines_of_both_kinds_that_agree_are_certain(): void
    {
        $lines = [
            self::line(2.1, 0.3, false),
            self::line(1.9, 0.7, false),
            self::line(2.0, 0.2, true),
            self::line(2.4, 0.8, true),
        ];
        $lean = Lean::of($lines, null);
        $this->assertEqualsWithDelta(2.1, $lean?->degrees, 0.1);
        $this->assertTrue($lean?->isCertain);
        // The longer ones count for more.
        $this->assertGreaterThan(
            2.2,
            Lean::of([...array_slice($lines, 0, 3), self::line(2.6, 0.8, true, 5.0)], null)?->degrees,
        );
    }

    public function test_lines_that_disagree_say_nothing(): void
    {
        $lines = [self::line(2.0, 0.3, false), self::line(2.0, 0.4, false), self::line(2.0, 0.7, true)];

        $this->assertNotNull(Lean::of($lines, null));
        $others = array_map(fn (float $angle): array => self::line($angle, 0.5, false), [-4.0, -6.0, 6.0, 8.0]);
        $this->assertNull(Lean::of([...$lines, ...$others], null));
    }

    public function test_a_road_that_fans_out_does_not_lean(): void
    {
        $road = array_map(fn (int $i): array => self::line(-2.0 + 2 * $i, 0.6 + 0.08 * $i, false), range(0, 4));
        // Three of them would agree among themselves.
        $road[] = self::line(2.2, 0.78, false);
        $road[] = self::line(1.8, 0.82, false);

        $this->assertNull(Lean::of($road, null));
    }

    public function test_convergence_is_taken_out_of_uprights_and_told_by_itself(): void
    {
        // Walls that lean together by six degrees from side to side, in a picture that leans by one.
        $walls = array_map(
            fn (float $at): array => self::line(1.0 - 6.0 * ($at - 0.5), $at, true),
            [0.1, 0.3, 0.5, 0.7, 0.9],
        );

        $this->assertEqualsWithDelta(1.0, Lean::of($walls, null)?->degrees, 0.1);
        $this->assertEqualsWithDelta(6.0, Lean::convergence($walls), 0.1);
        $this->assertNull(Lean::convergence(array_slice($walls, 0, 2)), 'two lines');
        $this->assertNull(Lean::convergence(array_slice($walls, 2)), 'none on the left');
    }

    public function test_horizon_and_lines_confirm_or_contradict_each_other(): void
    {
        $horizon = Horizon::in(self::sea(2.0)->reduced(96)->grey());
        $level = fn (float $angle): array => array_map(
            fn (float $at): array => self::line($angle, $at, false),
            [0.1, 0.5, 0.9],
        );

        $this->assertTrue(Lean::of($level(2.2), $horizon)?->isCertain);
        $this->assertNull(Lean::of($level(-1.0), $horizon));
    }

    public function test_a_marked_line_has_the_last_word(): void
    {
        $sea = self::sea(2.0);
        $lines = Lines::of($sea->grey());
        $marked = LeanMeasures::of($lines, Horizon::in($sea->reduced(96)->grey()))->marked(-1.5);

        $this->assertSame([-1.5, 'mark', true], [$marked->tiltDeg, $marked->tiltFrom, $marked->isCertain]);
        $this->assertNull(LeanMeasures::of($lines, null)->tiltDeg);
    }

    /** @return array{angle: float, at: float, length: float, upright: bool} */
    private static function line(float $angle, float $at, bool $upright, float $length = 0.5): array
    {
        return ['angle' => $angle, 'at' => $at, 'length' => $length, 'upright' => $upright];
    }

    /** A plain sky over a darker, livelier sea; things in front hide the line in parts. */
    private static function sea(float $degrees, float $softness = 0.0, float $hidden = 0.0): ColourGrid
    {
        $slope = (tan(deg2rad($degrees)) * Grids::COLUMNS) / Grids::ROWS;

        return Grids::grey(function (float $x, float $y) use ($slope, $softness, $hidden): float {
            if (fmod($x * 2, 1.0) < $hidden && $y > 0.1) {
                return 60 + 40 * sin(90 * $x) * cos(40 * $y);
            }
            $below = $y - 0.4 - $slope * ($x - 0.5);
            $share = $softness > 0.0 ? max(0.0, min(1.0, 0.5 + $below / (2 * $softness))) : ($below > 0 ? 1.0 : 0.0);

            return 190 - 70 * $share;
        });
    }
}
