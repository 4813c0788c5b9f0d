<?php

declare(strict_types=1);

namespace Tests\Core\Revisit;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Plan\PlaceFields;
use TruePupil\Core\Revisit\Chance;
use TruePupil\Core\Revisit\Chances;
use TruePupil\Core\Revisit\SunWish;
use TruePupil\Core\Revisit\Tide;
use TruePupil\Core\Revisit\TideState;
use TruePupil\Core\Revisit\Wish;
use TruePupil\Core\Revisit\WishFormat;
use TruePupil\Core\Sky\Location;

final class ChancesTest extends TestCase
{
    private const ZONE = 'Europe/Berlin';

    public function test_full_moons_at_dusk_fall_on_the_days_of_an_almanac(): void
    {
        // Full moons of 2026 by almanacs: 24 November (14:53 UTC) and 24 December (01:28 UTC).
        $chances = $this->chances(['moon' => 'full', 'fromHour' => '17:00', 'toHour' => '22:00'], '2026-11-01', 8);
        $days = array_map(fn (Chance $one): string => $one->from->format('m-d'), $chances);

        $this->assertContains('11-24', $days);
        $this->assertContains('12-24', $days);
        foreach ($chances as $one) {
            $this->assertGreaterThanOrEqual(0.95, $one->moonLit);
            $this->assertGreaterThan(0, $one->moon->altitude);
            $this->assertLessThanOrEqual(5, min(
                abs($one->from->diff(new DateTimeImmutable('2026-11-24'))->days),
                abs($one->from->diff(new DateTimeImmutable('2026-12-24'))->days),
            ));
        }
    }

    public function test_a_season_over_the_new_year_and_a_light_from_behind(): void
    {
        $chances = $this->chances(
            ['fromMonth' => '12', 'toMonth' => '1', 'sun' => 'low', 'light' => 'back', 'bearing' => 'south-west'],
            '2026-11-29',
            40,
        );

        $this->assertSame('2026-12-01', $chances[0]->from->format('Y-m-d'));
        $this->assertSame('2027-01-09', $chances[39]->from->format('Y-m-d'));
        foreach ($chances as $one) {
            $this->assertTrue($one->sun->altitude >= 0 && $one->sun->altitude <= 10);
            // Within 45° of where the camera points.
            $this->assertLessThanOrEqual(45.0, abs($one->sun->azimuth - 225));
        }
        $none = $this->chances(['light' => 'back', 'bearing' => 'north'], '2026-12-01', 3);
        $this->assertSame([], array_filter($none, fn (Chance $one): bool => $one->from->format('m') === '12'));
    }

    public function test_the_tide_moves_on_by_fifty_minutes_a_day(): void
    {
        $high = new DateTimeImmutable('2026-06-01 12:00', new DateTimeZone('UTC'));
        $tide = new Tide($high);
        // 28 of its periods are 14.49 days.
        $later = $high->modify('+'.(int) round(28 * 12.4206 * 3600).' seconds');

        $this->assertEqualsWithDelta(0.0, fmod($tide->phase($later) + 0.5, 1.0) - 0.5, 0.001);
        $this->assertTrue($tide->isIn(TideState::High, $high->modify('+74 minutes')));
        $this->assertFalse($tide->isIn(TideState::High, $high->modify('+75 minutes')));
        $this->assertTrue($tide->isIn(TideState::Falling, $high->modify('+75 minutes')));
        $this->assertTrue($tide->isIn(TideState::Low, $high->modify('+6 hours 12 minutes')));
        $this->assertTrue($tide->isIn(TideState::Rising, $high->modify('+9 hours')));
        $this->assertTrue($tide->isIn(TideState::High, $high->modify('-1 hour')));

        $chances = $this->chances(
            ['water' => 'low', 'highWater' => '2026-06-01T12:00', 'fromHour' => '06:00', 'toHour' => '20:00'],
            '2026-06-01',
            3,
        );
        $middles = array_map(
            fn (Chance $one): float => ($one->from->getTimestamp() + $one->to->getTimestamp()) / 2,
            $chances,
        );
        $this->assertEqualsWithDelta(24 * 3600 + 50.5 * 60, $middles[1] - $middles[0], 600);
    }

    public function test_hours_past_midnight_belong_to_the_evening_before(): void
    {
        [$night] = $this->chances(
            ['moon' => 'none', 'sun' => 'dark', 'fromHour' => '22:00', 'toHour' => '03:00'],
            '2026-12-08',
            1,
        );

        // New moon on 9 December: nothing of it all night.
        $this->assertSame('2026-12-08 22:00', $night->from->format('Y-m-d H:i'));
        $this->assertSame('2026-12-09 03:00', $night->to->format('Y-m-d H:i'));
    }

    public function test_what_nobody_can_date_gives_no_dates(): void
    {
        $this->assertSame([], $this->chances(['clouds' => 'thin-cloud', 'word' => 'with mist'], '2026-06-01', 5));
        $this->assertSame([], $this->chances(['water' => 'low'], '2026-06-01', 5), 'no high water is known');
        $this->assertFalse((new Wish(fromHour: 600))->canBeDated());
    }

    /** @return iterable<string, array{SunWish, float, bool}> */
    public static function heights(): iterable
    {
        yield 'the horizon is low' => [SunWish::Low, 0.0, true];
        yield 'below it is not' => [SunWish::Low, -0.1, false];
        yield 'ten degrees are low' => [SunWish::Low, 10.0, true];
        yield 'and not high' => [SunWish::High, 10.0, false];
        yield 'more is' => [SunWish::High, 10.1, true];
        yield 'blue begins' => [SunWish::Twilight, -3.0, true];
        yield 'too light' => [SunWish::Twilight, -2.9, false];
        yield 'blue ends' => [SunWish::Twilight, -8.0, true];
        yield 'too dark' => [SunWish::Twilight, -8.1, false];
        yield 'not yet night' => [SunWish::Dark, -12.0, false];
        yield 'night' => [SunWish::Dark, -12.1, true];
    }

    #[DataProvider('heights')]
    public function test_where_the_sun_is_to_stand(SunWish $wish, float $altitude, bool $holds): void
    {
        $this->assertSame($holds, $wish->holds($altitude));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'a month' => [['fromMonth' => '13'], 'fromMonth'];
        yield 'an hour' => [['toHour' => '24:00'], 'toHour: "24:00" is no hour'];
        yield 'a bearing' => [['bearing' => 'up'], 'bearing: '];
        yield 'light without a bearing' => [['light' => 'side'], 'bearing: say where the camera points'];
        yield 'a high water' => [['highWater' => 'noon'], 'highWater: "noon" is no moment'];
        yield 'half a place' => [['lat' => '50'], 'lon: a place needs both'];
        yield 'off the globe' => [['lat' => '95', 'lon' => '0'], 'lat: '];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named_with_its_field(array $typed, string $problem): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($problem);
        WishFormat::read(Fields::of($typed), new DateTimeZone(self::ZONE));
        PlaceFields::read(Fields::of($typed));
    }

    /**
     * @param  array<string, string>  $typed
     * @return list<Chance>
     */
    private function chances(array $typed, string $from, int $most): array
    {
        $zone = new DateTimeZone(self::ZONE);

        return (new Chances(Location::of(52.5, 13.4), WishFormat::read(Fields::of($typed), $zone)))
            ->after(new DateTimeImmutable($from, $zone), $most);
    }
}
