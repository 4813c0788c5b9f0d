<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Day\DayFormat;
use TruePupil\Core\Day\DayLight;
use TruePupil\Core\Day\DaySheet;
use TruePupil\Core\Day\DayTime;
use TruePupil\Core\Day\PlacedShot;
use TruePupil\Core\Day\Shot;
use TruePupil\Core\Day\ShotKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Sky\Location;

final class DaySheetTest extends TestCase
{
    public function test_surroundings_come_before_details_before_moments(): void
    {
        $sheet = new DaySheet(begins: 600, ends: 720, shots: [
            $this->shot('kiss', ShotKind::Moment, 20),
            $this->shot('hands', ShotKind::Detail, 10),
            $this->shot('yard', ShotKind::Surroundings, 15),
            $this->shot('tools', ShotKind::Detail, 5),
        ]);

        $this->assertSame(
            ['yard 10:00', 'hands 10:15', 'tools 10:25', 'kiss 10:30'],
            $this->hours($sheet),
        );
        $this->assertSame(50, $sheet->minutes());
        $this->assertSame(120, $sheet->available());
    }

    public function test_what_has_its_hour_stands_at_it_and_the_rest_fills_the_time_before(): void
    {
        $sheet = new DaySheet(begins: 600, ends: 720, shots: [
            $this->shot('opening', ShotKind::Moment, 10, at: 630),
            $this->shot('yard', ShotKind::Surroundings, 15),
            $this->shot('shelves', ShotKind::Detail, 20),
            $this->shot('tools', ShotKind::Detail, 15),
        ]);

        // The shelves would run into the opening; the tools just fit.
        $this->assertSame(
            ['yard 10:00', 'tools 10:15', 'opening 10:30', 'shelves 10:40'],
            $this->hours($sheet),
        );
        $this->assertSame([null, null, null, null], $this->problems($sheet));
    }

    public function test_what_cannot_be_says_by_how_much(): void
    {
        $sheet = new DaySheet(begins: 600, ends: 630, shots: [
            $this->shot('first', ShotKind::Moment, 20, at: 600),
            $this->shot('second', ShotKind::Moment, 5, at: 610),
            $this->shot('yard', ShotKind::Surroundings, 6),
        ]);

        $this->assertSame(
            [
                null,
                'It has to be taken at 10:10, and what comes before it ends 10 minutes later.',
                'It ends 1 minute after the day does.',
            ],
            $this->problems($sheet),
        );
        $fits = new DaySheet(begins: 600, ends: 631, shots: $sheet->shots);
        $this->assertNull($this->problems($fits)[2]);
    }

    public function test_a_night_goes_on_past_midnight(): void
    {
        $sheet = new DaySheet(date: new DateTimeImmutable('2026-06-20'), begins: 1380, ends: 60, shots: [
            $this->shot('stars', ShotKind::Moment, 30, at: 15),
            $this->shot('lamps', ShotKind::Surroundings, 40),
        ]);

        $this->assertSame(120, $sheet->available());
        $this->assertSame(['lamps 23:00', 'stars 00:15'], $this->hours($sheet));
        $this->assertSame('2026-06-21 00:15', $sheet->moment($sheet->order()[1]->starts)->format('Y-m-d H:i'));
    }

    public function test_without_hours_the_order_is_that_of_the_kinds(): void
    {
        $sheet = new DaySheet(shots: [
            $this->shot('hands', ShotKind::Detail, 10, at: 630),
            $this->shot('yard', ShotKind::Surroundings, 15),
        ]);

        $this->assertSame(
            ['yard', 'hands'],
            array_map(fn (PlacedShot $one): string => $one->shot->id, $sheet->order()),
        );
        $this->assertNull($sheet->available());
        $this->assertNull($sheet->outing($sheet->order()[0]));
    }

    public function test_the_light_of_a_shot_and_of_the_day(): void
    {
        // Berlin at the equinox: the sun stands in the south at about 12:15 and sets in the west at about 18:15.
        $sheet = new DaySheet(
            date: new DateTimeImmutable('2026-03-20', new DateTimeZone('Europe/Berlin')),
            place: Location::of(52.52, 13.4),
            begins: 735,
            ends: 1140,
            shots: [
                $this->shot('kiln', ShotKind::Surroundings, 10, bearing: 270.0),
                $this->shot('gate', ShotKind::Moment, 10, at: 1060, bearing: 270.0),
                $this->shot('late', ShotKind::Moment, 5, at: 1135),
            ],
        );
        [$kiln, $gate, $late] = $sheet->order();

        $this->assertStringContainsString(
            'in the south: side light from the left',
            DayLight::words($sheet->outing($kiln)),
        );
        $this->assertStringContainsString('in the west: back light', DayLight::words($sheet->outing($gate)));
        $this->assertSame('the sun is down', DayLight::words($sheet->outing($late)));
        $events = DayLight::events($sheet);
        $this->assertSame(['the low light of the evening begins', 'sunset', 'the low light of the evening ends'],
            array_values($events));
        // By an almanac: sunset 18:17.
        $this->assertEqualsWithDelta(1097, array_search('sunset', $events, true), 3);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $shot = ['id' => 'a', 'kind' => 'detail', 'title' => 'hands', 'minutes' => '10'];
        yield 'a day that is none' => [['date' => '2026-02-30'], 'date: "2026-02-30" is no day'];
        yield 'an hour that is none' => [['begins' => '25:00'], 'begins: "25:00" is no hour'];
        yield 'minutes of an hour' => [['ends' => '12:60'], 'ends: "12:60" is no hour'];
        yield 'half a place' => [['lat' => '50'], 'lon: a place needs both degrees'];
        yield 'a place off the globe' => [['lat' => '91', 'lon' => '0'], 'lat: '];
        yield 'no minutes' => [['shots' => [['minutes' => '0'] + $shot]], 'shots.0.minutes: minutes are a whole'];
        yield 'too many' => [['shots' => [$shot, ['minutes' => '601'] + $shot]], 'shots.1.minutes: '];
        yield 'a bearing' => [['shots' => [$shot + ['bearing' => 'up']]], 'shots.0.bearing: A bearing is'];
        yield 'a name that no tick can carry' => [['shots' => [['id' => 'A-1'] + $shot]], 'shots.0.id: a name is'];
        yield 'two of one name' => [['shots' => [$shot, $shot]], 'shots: two lines have the same id'];
        yield 'a list without end' => [
            ['shots' => array_fill(0, DayFormat::MOST + 1, $shot)],
            'shots: there are more than 60',
        ];
    }

    /** @param  array<string, mixed>  $content */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named_with_its_place(array $content, string $problem): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($problem);
        DayFormat::read(Fields::of($content), new DateTimeZone('UTC'));
    }

    public function test_a_sheet_is_read_as_it_is_written(): void
    {
        $sheet = DayFormat::read(Fields::of([
            'title' => 'Firing',
            'date' => '2026-05-31',
            'begins' => '16:30',
            'ends' => '',
            'lat' => '50,1',
            'lon' => '−10.2',
            'scouting' => [['id' => 'a', 'kind' => 'ask', 'text' => 'the potter']],
            'shots' => [
                ['id' => 'b', 'kind' => 'moment', 'title' => 'fire', 'minutes' => 600, 'bearing' => 'south-west'],
            ],
        ]), new DateTimeZone('Europe/Berlin'));

        $this->assertSame(990, $sheet->begins);
        $this->assertNull($sheet->ends);
        $this->assertSame(-10.2, $sheet->place?->longitude);
        $this->assertSame('ask', $sheet->scouting[0]->kind->value);
        $this->assertSame([600, 225.0], [$sheet->shots[0]->minutes, $sheet->shots[0]->bearing]);
        $this->assertSame('Europe/Berlin', $sheet->date?->getTimezone()->getName());
    }

    private function shot(
        string $id,
        ShotKind $kind,
        int $minutes,
        ?int $at = null,
        ?float $bearing = null,
    ): Shot {
        return new Shot($id, $kind, $id, $minutes, $at, $bearing);
    }

    /** @return list<string> */
    private function hours(DaySheet $sheet): array
    {
        return array_map(
            fn (PlacedShot $one): string => $one->shot->id.' '.DayTime::text($one->starts),
            $sheet->order(),
        );
    }

    /** @return list<?string> */
    private function problems(DaySheet $sheet): array
    {
        return array_map(fn (PlacedShot $one): ?string => $one->problem(), $sheet->order());
    }
}
