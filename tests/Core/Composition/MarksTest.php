<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\WayOut;

final class MarksTest extends TestCase
{
    public function test_shares_of_rectangles_and_polygons(): void
    {
        $this->assertEqualsWithDelta(12.0, Mark::of(MarkKind::Area, [[0.1, 0.2], [0.4, 0.6]])->sharePct(), 1e-9);
        $this->assertEqualsWithDelta(50.0, Mark::of(MarkKind::Area, [[0, 0], [1, 0], [0, 1]])->sharePct(), 1e-9);
        $this->assertSame(0.0, Mark::of(MarkKind::Horizon, [[0, 0.5], [1, 0.5]])->sharePct());
    }

    public function test_the_outline_decides_what_lies_inside(): void
    {
        $triangle = Mark::of(MarkKind::Surround, [[0, 0], [1, 0], [0, 1]]);

        $this->assertTrue($triangle->holds(0.2, 0.2));
        $this->assertFalse($triangle->holds(0.8, 0.8));
    }

    public function test_tilt_in_the_shape_of_the_picture(): void
    {
        // One down for ten across, in a picture twice as wide as high: 0.1/2 in true shape.
        $marks = new Marks(null, [Mark::of(MarkKind::Horizon, [[0.0, 0.5], [1.0, 0.6]])]);
        $this->assertEqualsWithDelta(rad2deg(atan(0.05)), $marks->tilt(2.0), 1e-6);
        $this->assertEqualsWithDelta(
            -1.0,
            (new Marks(null, [Mark::of(MarkKind::Upright, [[0.5, 0.0], [0.5 + tan(deg2rad(1)) / 1.5, 1.0]])]))->tilt(
                1.5,
            ),
            1e-6,
            'the lower end to the right: anticlockwise',
        );
        $this->assertNull((new Marks())->tilt(1.5));
    }

    public function test_a_crop_keeps_the_marks_it_must(): void
    {
        $marks = Marks::read(Region::of(0.4, 0.4, 0.2, 0.2), [
            ['kind' => 'eye', 'points' => [[0.65, 0.5]]],
            ['kind' => 'distraction', 'points' => [[0.0, 0.0], [0.2, 0.2]]],
        ]);

        $this->assertFalse($marks->isKeptBy(Region::of(0.3, 0.3, 0.32, 0.5)));
        $this->assertTrue($marks->isKeptBy(Region::of(0.3, 0.3, 0.4, 0.5)));
        $this->assertEqualsWithDelta(0.25, $marks->distractionsIn(Region::of(0.1, 0.1, 0.9, 0.9)), 1e-9);
    }

    public function test_a_point_a_hair_beyond_the_frame_lies_on_its_edge(): void
    {
        $mark = Mark::of(MarkKind::Horizon, [[-5e-7, 0.5], [1.0 + 5e-7, 0.5]]);

        $this->assertSame([[0.0, 0.5], [1.0, 0.5]], $mark->points);
        $this->expectException(InvalidArgumentException::class);
        Mark::of(MarkKind::Horizon, [[-2e-6, 0.5], [1.0, 0.5]]);
    }

    public function test_what_is_written_is_read_back(): void
    {
        $list = [
            ['kind' => 'area', 'points' => [[0.1, 0.1], [0.5, 0.1], [0.3, 0.4]]],
            ['kind' => 'axis', 'points' => [[0.5, 0.0], [0.5, 1.0]]],
            ['kind' => 'distraction', 'points' => [[0.9, 0.1]], 'what' => 'pole', 'tried' => ['aside', 'back']],
            ['kind' => 'near', 'points' => [[0.0, 0.8], [1.0, 1.0]]],
        ];

        $this->assertEquals($list, Marks::read(null, $list)->toArray());
    }

    public function test_only_a_distraction_has_a_name_and_what_was_tried(): void
    {
        $marks = Marks::read(null, [
            ['kind' => 'area', 'points' => [[0.1, 0.1], [0.5, 0.5]], 'what' => 'pole', 'tried' => ['aside']],
            ['kind' => 'distraction', 'points' => [[0.5, 0.5]], 'what' => 'ufo', 'tried' => ['aside', 'pray', 3]],
        ])->list;

        $this->assertSame([null, []], [$marks[0]->what, $marks[0]->tried]);
        $this->assertSame([null, [WayOut::Aside]], [$marks[1]->what, $marks[1]->tried]);
    }

    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_is_named(mixed $mark, string $said): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($said);
        Marks::read(null, [$mark]);
    }

    /** @return iterable<array{mixed, string}> */
    public static function unusable(): iterable
    {
        yield [['kind' => 'cloud', 'points' => [[0, 0]]], 'A mark has a kind'];
        yield [['kind' => 'eye', 'points' => [[0, 0], [1, 1]]], 'has 1 point'];
        yield [['kind' => 'horizon', 'points' => [[0, 0], [0, 0]]], 'has a size'];
        yield [['kind' => 'area', 'points' => [[0.2, 0.2], [0.2, 0.4]]], 'has a size'];
        yield [['kind' => 'lead', 'points' => [[0, 0], [1.4, 0]]], 'lies inside the frame'];
    }
}
