<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\WantedMoon;

final class WantedMoonTest extends TestCase
{
    /** From almanacs: full on 31 May (8:45 UT) and 29 June 2026 (23:57 UT); new on 15 June (2:54 UT). */
    public function test_full_moons_low_in_the_evening_are_found_where_almanacs_have_them(): void
    {
        $nights = $this->nights(MoonShape::Full, 1.0, 15.0, 20, 23, '2026-05-20', 10);
        $this->assertNotSame([], $nights);
        foreach ($nights as $night) {
            $off = min(
                abs($night['from']->getTimestamp() - strtotime('2026-05-31 08:45 UTC')),
                abs($night['from']->getTimestamp() - strtotime('2026-06-29 23:57 UTC')),
            );
            // 95 % of the disc are lit within two days of it.
            $this->assertLessThan(2.5 * 86400, $off, $night['from']->format(DATE_ATOM));
            $this->assertGreaterThanOrEqual(0.95, $night['illuminated']);
            $this->assertGreaterThanOrEqual(0.9, $night['moon']->altitude);
            $this->assertLessThanOrEqual(15.1, $night['moon']->altitude);
            // A full moon that is low in the evening rises opposite the sun: in the south-east at midsummer.
            $this->assertEqualsWithDelta(130.0, $night['moon']->azimuth, 25.0);
            $this->assertSame($night['from']->format('Y-m-d'), $night['to']->format('Y-m-d'));
        }
        foreach (['2026-05-31', '2026-06-30'] as $full) {
            $this->assertNotSame([], array_filter(
                $nights,
                fn (array $night): bool => abs($night['from']->getTimestamp() - strtotime($full)) < 2.5 * 86400,
            ), $full);
        }
    }

    public function test_nights_without_a_moon_lie_about_the_new_one(): void
    {
        $nights = $this->nights(MoonShape::None, 0.0, 90.0, 22, 4, '2026-06-10', 6);
        $this->assertSame('2026-06-10', $nights[0]['from']->format('Y-m-d'));
        foreach ($nights as $night) {
            $this->assertLessThan(0.0, $night['moon']->altitude);
        }
        // At the new moon the whole window is dark, past midnight too.
        $new = array_values(array_filter(
            $nights,
            fn (array $night): bool => $night['from']->format('Y-m-d') === '2026-06-14',
        ));
        $this->assertSame(
            ['2026-06-14 22:00', '2026-06-15 04:00'],
            [$new[0]['from']->format('Y-m-d H:i'), $new[0]['to']->format('Y-m-d H:i')],
        );
    }

    public function test_shapes_follow_one_another(): void
    {
        $first = fn (MoonShape $shape): string => $this->nights($shape, 0.0, 90.0, 18, 6, '2026-06-15', 1)[0]['from']
            ->format('m-d');
        $order = array_map($first, [MoonShape::Crescent, MoonShape::Half, MoonShape::Gibbous, MoonShape::Full]);
        $sorted = $order;
        sort($sorted);
        $this->assertSame($sorted, $order);
        foreach ([[0.0199, false], [0.02, true], [0.399, true], [0.4, false]] as [$lit, $holds]) {
            $this->assertSame($holds, MoonShape::Crescent->holds($lit), (string) $lit);
        }
        foreach ([[0.599, MoonShape::Half], [0.6, MoonShape::Gibbous], [0.949, MoonShape::Gibbous],
            [0.95, MoonShape::Full]] as [$lit, $shape]) {
            foreach (array_slice(MoonShape::cases(), 1) as $one) {
                $this->assertSame($one === $shape, $one->holds($lit));
            }
        }
    }

    public function test_what_cannot_be_wanted_is_told(): void
    {
        foreach ([[20.0, 10.0, 20, 23], [-1.0, 10.0, 20, 23], [0.0, 91.0, 20, 23], [0.0, 10.0, 24, 2]] as $wrong) {
            try {
                $this->nights(MoonShape::Full, ...[...$wrong, '2026-06-01', 1]);
                $this->fail(json_encode($wrong).' was taken');
            } catch (InvalidArgumentException $problem) {
                $this->assertMatchesRegularExpression('/^(Heights|Hours) go from/', $problem->getMessage());
            }
        }
    }

    /** @return list<array{from: DateTimeImmutable, to: DateTimeImmutable, illuminated: float, moon: mixed}> */
    private function nights(
        MoonShape $shape,
        float $low,
        float $high,
        int $from,
        int $to,
        string $day,
        int $most,
    ): array {
        return (new WantedMoon(Location::of(48.14, 11.58), $shape, $low, $high, $from, $to))->nights(
            new DateTimeImmutable($day, new DateTimeZone('Europe/Berlin')),
            $most,
        );
    }
}
