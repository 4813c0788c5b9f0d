<?php

declare(strict_types=1);

namespace Tests\Core\Tone;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\RawCodes;

final class RawTonesTest extends TestCase
{
    public function test_a_code_stands_for_a_sixteenth_of_a_stop(): void
    {
        $this->assertSame(0.0, RawCodes::stops(255));
        $this->assertEqualsWithDelta(-1 / 32, RawCodes::stops(254), 1e-9);
        $this->assertEqualsWithDelta(-1 - 1 / 32, RawCodes::stops(238), 1e-9);
        $this->assertNull(RawCodes::stops(0));
        foreach ([-0.01, -0.5, -1.0, -3.7, -12.0] as $stops) {
            $this->assertEqualsWithDelta($stops, RawCodes::stops(RawCodes::code($stops)), 1 / 32 + 1e-9);
        }
        $this->assertSame(255, RawCodes::code(0.0));
        $this->assertSame(1, RawCodes::code(-40.0), 'what saw something is never black');
    }

    public function test_what_is_lost_and_which_channel_is_full_first(): void
    {
        $tones = Situations::raw(
            ['-2' => 95, '0' => 5],
            ['-1' => 97, '-0.01' => 2, '0' => 1],
            ['-3' => 100],
        );

        $this->assertSame(['r' => 5.0, 'g' => 1.0, 'b' => 0.0], $tones->lostPctByChannel());
        $this->assertSame([5.0, 1.0, 0.0], [$tones->lostPct(), $tones->lostInTwoPct(), $tones->lostInAllPct()]);
        $this->assertSame(0.0, $tones->headroom());
        $this->assertSame('red', $tones->first());
    }

    public function test_headroom_is_that_of_the_channel_nearest_to_its_end_and_glints_do_not_count(): void
    {
        $plain = Situations::raw(['-2' => 100], ['-1' => 100], ['-3' => 100]);
        $this->assertEqualsWithDelta(1.0, $plain->headroom(), 1 / 16);
        $this->assertSame('green', $plain->first());

        $glint = Situations::raw(['-2' => 100], ['-1' => 99.91, '0' => 0.09], ['-3' => 100]);
        $spot = Situations::raw(['-2' => 100], ['-1' => 99.89, '0' => 0.11], ['-3' => 100]);
        $this->assertEqualsWithDelta(1.0, $glint->headroom(), 1 / 16);
        $this->assertSame(0.0, $spot->headroom());
        $this->assertEqualsWithDelta(1.0, $spot->roomAbove(0.002), 1 / 16);
    }

    public function test_more_light_takes_room_away_and_what_was_full_stays_full(): void
    {
        $tones = Situations::raw(['-2' => 90, '0' => 10], ['-1.5' => 100], ['-4' => 100]);

        $brighter = $tones->brightened(Stops::of(1.0));
        $this->assertSame(10.0, $brighter->lostPctByChannel()['r']);
        $this->assertEqualsWithDelta(0.5, $brighter->roomAbove(0.2), 1 / 16);
        $this->assertSame(100.0, $tones->brightened(Stops::of(1.6))->lostPctByChannel()['g']);
        $this->assertSame(10.0, $tones->brightened(Stops::of(-1.0))->lostPctByChannel()['r']);
        $this->assertEqualsWithDelta(
            2.5,
            $tones->brightened(Stops::of(-1.0))->roomAbove(0.2),
            1 / 16,
            'less light than before',
        );
    }
}
