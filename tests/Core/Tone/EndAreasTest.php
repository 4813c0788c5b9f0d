<?php

declare(strict_types=1);

namespace Tests\Core\Tone;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Tone\EndAreas;

final class EndAreasTest extends TestCase
{
    public function test_connected_places_are_one_area_and_corners_do_not_connect(): void
    {
        // Two cells side by side and two that touch by a corner only, on ten by ten.
        $lost = str_repeat("\0", 100);
        foreach ([11, 12, 55, 66] as $cell) {
            $lost[$cell] = "\xFF";
        }
        $areas = EndAreas::ofBytes(10, 10, $lost, str_repeat("\x10", 100));

        $this->assertSame([11, 12, 55, 66], $areas->lost);
        $this->assertSame(2.0, $areas->largestLostPct);
        $this->assertSame([], $areas->blocked, 'a few pixels of a cell are no place');
        $this->assertEquals($areas, EndAreas::restore(json_decode((string) json_encode($areas->toArray()), true)));
    }

    public function test_an_area_does_not_run_round_the_edge(): void
    {
        $lost = str_repeat("\0", 100);
        [$lost[19], $lost[20]] = ["\xFF", "\xFF"];

        $this->assertSame(1.0, EndAreas::ofBytes(10, 10, $lost, str_repeat("\0", 100))->largestLostPct);
    }
}
