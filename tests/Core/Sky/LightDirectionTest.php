<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Sky\Compass;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Sun;

final class LightDirectionTest extends TestCase
{
    /**
     * The sun of 21 June in Munich, from tables: at 7:00 summer time 16° up in the east-north-east (77°), at 13:16 in
     * the south and 65° up, at 19:30 15.5° up in the west-north-west (285°).
     *
     * @return iterable<string, array{string, float, ?LightDirection}>
     */
    public static function hours(): iterable
    {
        yield 'looking west in the morning' => ['07:00', 270.0, LightDirection::Front];
        yield 'looking east in the morning' => ['07:00', 90.0, LightDirection::Back];
        yield 'looking south in the morning' => ['07:00', 180.0, LightDirection::Side];
        yield 'looking north in the morning' => ['07:00', 0.0, LightDirection::Side];
        yield 'at noon from above, whichever way' => ['13:16', 0.0, LightDirection::Top];
        yield 'at noon, looking into it' => ['13:16', 180.0, LightDirection::Top];
        yield 'looking west in the evening' => ['19:30', 270.0, LightDirection::Back];
        yield 'looking east in the evening' => ['19:30', 90.0, LightDirection::Front];
        yield 'at night there is none' => ['23:30', 90.0, null];
    }

    #[DataProvider('hours')]
    public function test_the_sun_is_before_beside_or_behind_the_camera(
        string $time,
        float $bearing,
        ?LightDirection $expected,
    ): void {
        $outing = $this->munich('2026-06-21 '.$time, $bearing);
        $this->assertSame($expected, $outing->lightFrom($outing->at));
        // A clock without its offset is that of the place.
        $this->assertSame($expected, $outing->lightFrom(new DateTimeImmutable('2026-06-21 '.$time.' UTC')));
        $this->assertNull((new Outing($outing->place, $outing->at))->lightFrom($outing->at), 'nobody said where to');
    }

    public function test_both_sides_of_every_limit(): void
    {
        $outing = $this->munich('2026-06-21 07:00', 0.0);
        $sun = Sun::seenFrom($outing->place, JulianDay::fromTimestamp($outing->at->getTimestamp()));
        $at = fn (float $off): ?LightDirection => LightDirection::of($sun, $sun->azimuth - $off);
        foreach ([1.0, -1.0] as $side) {
            $this->assertSame(LightDirection::Back, $at($side * 44.9));
            $this->assertSame(LightDirection::Side, $at($side * 45.1));
            $this->assertSame(LightDirection::Side, $at($side * 134.9));
            $this->assertSame(LightDirection::Front, $at($side * 135.1));
        }
        $this->assertEqualsWithDelta(10.0, LightDirection::relative(5.0, 355.0), 1e-9);
        $this->assertEqualsWithDelta(-10.0, LightDirection::relative(355.0, 5.0), 1e-9);
        // High enough a few minutes after eleven, not yet a few before: 60° of altitude.
        $day = fn (string $time): ?LightDirection => $this->munich('2026-06-21 '.$time, 0.0)->lightFrom(
            new DateTimeImmutable('2026-06-21 '.$time, new DateTimeZone('Europe/Berlin')),
        );
        $this->assertSame([LightDirection::Side, LightDirection::Top], [$day('11:20'), $day('12:20')]);
    }

    public function test_bearings_are_read_as_people_write_them(): void
    {
        foreach (
            [
                '225' => 225.0, '225°' => 225.0, '360' => 0.0, '0' => 0.0, 'SW' => 225.0, 'south-west' => 225.0,
                'South West' => 225.0, 'north' => 0.0, 'WNW' => 292.5, 'east-north-east' => 67.5,
            ] as $text => $degrees
        ) {
            $this->assertSame($degrees, Compass::parse((string) $text), (string) $text);
        }
        foreach (['', '361', '-1', 'up', 'north-up'] as $text) {
            try {
                Compass::parse($text);
                $this->fail($text.' was taken');
            } catch (InvalidArgumentException $problem) {
                $this->assertStringContainsString('A bearing is', $problem->getMessage());
            }
        }
    }

    private function munich(string $at, float $bearing): Outing
    {
        return new Outing(
            Location::of(48.14, 11.58),
            new DateTimeImmutable($at, new DateTimeZone('Europe/Berlin')),
            $bearing,
        );
    }
}
