<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Pointing;
use TruePupil\Core\Composition\PointingShape;

/** A line, an arrow and an outline on a picture. */
final class PointingTest extends TestCase
{
    public function test_the_head_of_an_arrow_is_even_in_a_picture_of_any_shape(): void
    {
        foreach ([1.0, 1.5, 0.6] as $aspect) {
            [$shaft, $head] = Pointing::of(PointingShape::Arrow, [[0.2, 0.3], [0.7, 0.6]])->strokes($aspect);
            $this->assertSame([[0.2, 0.3], [0.7, 0.6]], $shaft);
            $this->assertSame([0.7, 0.6], $head[1]);
            $length = fn (array $end): float => hypot($end[0] - 0.7, ($end[1] - 0.6) / $aspect);
            $this->assertEqualsWithDelta(0.035, $length($head[0]), 1e-9);
            $this->assertEqualsWithDelta(0.035, $length($head[2]), 1e-9);
        }
    }

    public function test_an_outline_closes_and_has_its_number_at_the_top(): void
    {
        $outline = Pointing::of(PointingShape::Outline, [[0.2, 0.5], [0.4, 0.1], [0.6, 0.5]]);
        $this->assertSame([[0.2, 0.5], [0.4, 0.1], [0.6, 0.5], [0.2, 0.5]], $outline->strokes(1.5)[0]);
        $this->assertSame([0.4, 0.1], $outline->foot());
        $this->assertSame([0.1, 0.2], Pointing::of(PointingShape::Line, [[0.1, 0.2], [0.3, 0.4]])->foot());
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_drawn_is_refused(PointingShape $shape, array $points): void
    {
        $this->expectException(InvalidArgumentException::class);
        Pointing::of($shape, $points);
    }

    public static function wrong(): iterable
    {
        yield 'a line of one point' => [PointingShape::Line, [[0.1, 0.1]]];
        yield 'an arrow with a bend' => [PointingShape::Arrow, [[0.1, 0.1], [0.2, 0.2], [0.3, 0.1]]];
        yield 'an outline of two points' => [PointingShape::Outline, [[0.1, 0.1], [0.2, 0.2]]];
        yield 'too many points' => [PointingShape::Outline, array_fill(0, Pointing::MOST + 1, [0.5, 0.5])];
        yield 'outside' => [PointingShape::Line, [[0.1, 0.1], [1.01, 0.2]]];
        yield 'before the start' => [PointingShape::Line, [[-0.01, 0.1], [0.5, 0.2]]];
    }
}
