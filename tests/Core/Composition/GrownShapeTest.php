<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\GrownShape;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Raster\ColourGrid;

final class GrownShapeTest extends TestCase
{
    private const GROUND = [90, 110, 150];

    private const SUBJECT = [190, 120, 60];

    public function test_a_disc_is_found_in_the_rectangle_round_it(): void
    {
        $shape = $this->grown(fn (float $x, float $y): array => $this->isInDisc($x, $y) ? self::SUBJECT : self::GROUND);

        $this->assertNotNull($shape);
        // π · 0.15² of a square frame.
        $this->assertEqualsWithDelta(100 * M_PI * 0.15 ** 2, $shape->sharePct(), 0.8);
        $this->assertTrue($shape->holds(0.5, 0.5));
        $this->assertFalse($shape->holds(0.36, 0.36), 'a corner of the rectangle');
        $this->assertFalse($shape->holds(0.1, 0.1), 'outside of what was looked at');
    }

    public function test_a_hole_is_filled_and_a_speck_left_out(): void
    {
        $shape = $this->grown(fn (float $x, float $y): array => match (true) {
            hypot($x - 0.5, $y - 0.5) < 0.03 => self::GROUND,
            $this->isInDisc($x, $y), hypot($x - 0.37, $y - 0.37) < 0.012 => self::SUBJECT,
            default => self::GROUND,
        });

        $this->assertTrue($shape?->holds(0.5, 0.5));
        $this->assertFalse($shape->holds(0.37, 0.37));
    }

    public function test_ground_that_fills_most_of_the_rectangle_is_not_taken_for_the_subject(): void
    {
        // A thin figure before a wall: three quarters of the rectangle are wall.
        $shape = $this->grown(
            fn (float $x, float $y): array => abs($x - 0.5) < 0.04 && abs($y - 0.5) < 0.19
                ? self::SUBJECT
                : self::GROUND,
        );

        $this->assertTrue($shape?->holds(0.5, 0.4));
        $this->assertFalse($shape->holds(0.42, 0.5));
    }

    public function test_where_nothing_parts_subject_and_ground_no_shape_is_made_up(): void
    {
        $this->assertNull($this->grown(fn (): array => self::GROUND), 'all alike');
        $this->assertNull(
            $this->grown(fn (float $x, float $y): array => $this->isInDisc($x, $y, 0.45)
                ? self::SUBJECT
                : self::GROUND),
            'the rectangle lies within one thing',
        );
        $disc = fn (float $x, float $y): array => $this->isInDisc($x, $y, 0.4) ? self::SUBJECT : self::GROUND;
        $this->assertNull($this->grown($disc, Region::of(0.0, 0.0, 1.0, 0.95)), 'no ground is to be seen');
    }

    public function test_a_tap_takes_a_part_in_or_out(): void
    {
        // A head and a body of other colours; the body is like the ground.
        $picture = fn (float $x, float $y): array => match (true) {
            hypot($x - 0.5, $y - 0.4) < 0.09 => self::SUBJECT,
            abs($x - 0.5) < 0.1 && $y > 0.49 && $y < 0.68 => [60, 130, 90],
            default => self::GROUND,
        };
        $shape = $this->grown($picture);
        $this->assertSame([true, true, false], $this->parts($shape), 'head, body and ground');
        // What lies near the place and hangs together with it goes with it.
        $this->assertSame([true, false, false], $this->parts($this->grown($picture, out: [[0.5, 0.58]])));
        $this->assertTrue($this->grown($picture, in: [[0.38, 0.6]])?->holds(0.38, 0.6));
    }

    public function test_where_every_place_was_tapped_away_there_is_no_shape(): void
    {
        $taps = [];
        for ($y = 0.3; $y <= 0.71; $y += 0.02) {
            for ($x = 0.33; $x <= 0.68; $x += 0.02) {
                $taps[] = [$x, $y];
            }
        }
        $disc = fn (float $x, float $y): array => $this->isInDisc($x, $y) ? self::SUBJECT : self::GROUND;

        $this->assertNull($this->grown($disc, out: $taps));
    }

    public function test_what_goes_on_beyond_the_frame_touches_its_edge(): void
    {
        $shape = $this->grown(
            fn (float $x, float $y): array => hypot($x - 1.0, $y - 0.5) < 0.15 ? self::SUBJECT : self::GROUND,
            Region::of(0.83, 0.33, 0.17, 0.34),
        );

        $this->assertGreaterThan(0.8, $shape?->touching()['right'] ?? 0.0);
        $this->assertSame(0.0, $shape?->touching()['top']);
    }

    /**
     * @param  callable(float, float): array{int, int, int}  $colour
     * @param  list<array{float, float}>  $in
     * @param  list<array{float, float}>  $out
     */
    private function grown(callable $colour, ?Region $box = null, array $in = [], array $out = []): ?SubjectShape
    {
        $bytes = '';
        for ($y = 0; $y < 120; $y++) {
            for ($x = 0; $x < 120; $x++) {
                $bytes .= implode('', array_map(chr(...), $colour(($x + 0.5) / 120, ($y + 0.5) / 120)));
            }
        }

        return GrownShape::of(
            ColourGrid::ofBytes(120, 120, $bytes),
            $box ?? Region::of(0.33, 0.3, 0.34, 0.4),
            $in,
            $out,
        );
    }

    /** @return list<bool> */
    private function parts(?SubjectShape $shape): array
    {
        return array_map(
            fn (array $place): bool => $shape?->holds(...$place) ?? false,
            [[0.5, 0.4], [0.5, 0.58], [0.38, 0.6]],
        );
    }

    private function isInDisc(float $x, float $y, float $radius = 0.15): bool
    {
        return hypot($x - 0.5, $y - 0.5) < $radius;
    }
}
