<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;

final class SubjectShapeTest extends TestCase
{
    private const CELLS = '00000'.'01110'.'01110'.'01110'.'00000';

    public function test_its_share_its_places_and_its_outline(): void
    {
        $shape = $this->shape();

        $this->assertEqualsWithDelta(25 * 9 / 25, $shape->sharePct(), 1e-9);
        $this->assertSame([true, false], [$shape->holds(0.75, 0.75), $shape->holds(0.55, 0.75)]);
        $this->assertSame(
            [2 => false, 3 => true],
            $shape->along(0.75, [2, 3], 0.2),
            'stretches of a fifth of the row, at 0.5 and at 0.7',
        );
        $corners = array_unique(array_map(
            fn (array $point): string => sprintf('%.1f %.1f', ...$point),
            $shape->outline(),
        ));
        foreach (['0.6 0.6', '0.9 0.6', '0.9 0.9', '0.6 0.9'] as $corner) {
            $this->assertContains($corner, $corners);
        }
    }

    public function test_its_core_lies_a_cell_within_unless_nothing_would_be_left(): void
    {
        $wide = new SubjectShape(Region::of(0, 0, 1, 1), 8, 8, str_repeat('1', 64));
        $this->assertSame($wide->cells, $wide->core()->cells, 'what the frame cuts off has no outline there');
        $this->assertSame(self::CELLS, $this->shape()->core()->cells, 'one cell of nine is too little');
        $larger = new SubjectShape(
            Region::of(0, 0, 1, 1),
            10,
            10,
            str_repeat('0', 10).str_repeat('0'.str_repeat('1', 8).'0', 8).str_repeat('0', 10),
        );
        $this->assertSame(36, substr_count($larger->core()->cells, '1'));
    }

    public function test_it_is_stored_and_read_back(): void
    {
        $this->assertEquals($this->shape(), SubjectShape::restore($this->shape()->toArray()));
        $this->assertNull(SubjectShape::restore(null));
    }

    private function shape(): SubjectShape
    {
        return new SubjectShape(Region::of(0.5, 0.5, 0.5, 0.5), 5, 5, self::CELLS);
    }
}
