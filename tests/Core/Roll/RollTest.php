<?php

declare(strict_types=1);

namespace Tests\Core\Roll;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Roll\FrameNumber;
use TruePupil\Core\Roll\LogLine;
use TruePupil\Core\Roll\Mishap;
use TruePupil\Core\Roll\Roll;
use TruePupil\Core\Roll\RollFormat;
use TruePupil\Core\Roll\RollLog;

final class RollTest extends TestCase
{
    public function test_a_reading_of_the_shadows_says_where_they_fell(): void
    {
        $roll = $this->roll(['boxSpeed' => 400]);
        // ƒ/8 and 1/60 at ISO 400 suit EV 10 at ISO 100: a shadow of EV 8 lies two stops below.
        $line = LogLine::read('12', ['aperture' => 'f/8', 'time' => '1/60', 'reading' => 'EV 8', 'from' => 'shadow']);

        $this->assertEqualsWithDelta(-2.0, $line->placed($roll)?->value, 1e-9);
        $this->assertSame('The darkest place fell 2 stops below mid-grey.', $line->remark($roll));
        $this->assertSame('Mid-grey fell on mid-grey.', LogLine::read('1', [
            'aperture' => '16', 'time' => '1/400', 'reading' => '14.65', 'from' => 'incident',
        ])->remark($roll));
    }

    public function test_filters_and_long_times_take_their_light_off(): void
    {
        $roll = $this->roll(['boxSpeed' => 100]);
        $placed = fn (array $texts): ?float => LogLine::read('1', [
            'aperture' => '8', 'time' => '1/60', 'reading' => '12', 'from' => 'mid', ...$texts,
        ])->placed($roll)?->value;

        $plain = $placed([]);
        $this->assertEqualsWithDelta(0.0, $plain, 1e-9);
        $this->assertEqualsWithDelta($plain - 2, $placed(['filter' => 'grey, 2 stops']), 1e-9);
        $this->assertEqualsWithDelta($plain - 3, $placed(['filter' => 'red ×8']), 1e-9);
        $this->assertNull($placed(['filter' => 'polariser']), 'nobody said what it takes');
        // 16 s on film that answers with t^(1/1.3) gives what 8.4 s would.
        $this->assertEqualsWithDelta(
            12 - log(64 / 16 ** (1 / 1.3), 2),
            $placed(['time' => '16 s']),
            0.02,
        );
        $this->assertNull($placed(['from' => '']));
        $this->assertNull($placed(['time' => '']));
    }

    public function test_what_cannot_be_read_is_told_and_stays(): void
    {
        $line = LogLine::read('3', [
            'aperture' => 'wide', 'time' => '1/0', 'reading' => 'bright', 'lens' => 'the old one',
        ]);

        $this->assertSame(['aperture', 'time', 'reading'], array_keys($line->problems));
        $this->assertSame('wide', $line->texts['aperture']);
        $this->assertNull($line->aperture);
        $this->assertNull($line->focalLength);
        $this->assertSame(50.0, LogLine::read('3', ['lens' => '50 mm'])->focalLength);
        $this->assertNull(LogLine::read('3', ['lens' => '35–70'])->focalLength);
    }

    public function test_the_log_goes_in_the_order_of_the_film(): void
    {
        $log = RollLog::of($this->roll(['frames' => 4]), [
            '5' => ['word' => 'one more'],
            '2' => ['aperture' => '8'],
            '00' => ['word' => 'blind'],
            '1A' => ['word' => 'between'],
            'x' => ['word' => 'no frame'],
        ]);

        $this->assertSame(['00', '1A', '2', '5'], array_map(strval(...), array_keys($log->lines)));
        $this->assertSame(['00', '1', '1A', '2', '3', '4', '5'], $log->numbers());
        $this->assertSame(['1', '3', '4'], $log->gaps());
        $this->assertNull($log->next());
        $this->assertSame('1', RollLog::of($this->roll(), [])->next());
        $this->assertSame('36', RollLog::of($this->roll(), ['35' => ['word' => 'x']])->next());
        $this->assertNull(RollLog::of($this->roll(), ['36' => ['word' => 'x']])->next());
    }

    /** @return iterable<string, array{string, ?string}> */
    public static function files(): iterable
    {
        yield 'a number behind the roll' => ['roll7_012.jpg', '12'];
        yield 'many zeros' => ['000036.tif', '36'];
        yield 'a frame between' => ['film-12A.jpg', '12A'];
        yield 'the first' => ['scan 000.jpg', '0'];
        yield 'double zero' => ['x-00.jpg', '00'];
        yield 'a counter of a camera' => ['IMG_4312.jpg', null];
        yield 'three digits' => ['scan137.jpg', null];
        yield 'no number' => ['kiln.jpg', null];
    }

    #[DataProvider('files')]
    public function test_scans_carry_their_numbers(string $name, ?string $number): void
    {
        $this->assertSame($number, FrameNumber::ofFile($name));
    }

    public function test_speeds_that_do_not_fit_are_said(): void
    {
        $this->assertNull($this->roll(['boxSpeed' => 400])->speedWords());
        $this->assertNull($this->roll(['boxSpeed' => 400, 'index' => 1600, 'pushed' => 2])->speedWords());
        $this->assertStringContainsString(
            'gets 1 stop more light than it is developed for',
            (string) $this->roll(['boxSpeed' => 400, 'index' => 200])->speedWords(),
        );
        $this->assertStringContainsString(
            'gets 2 stops less light',
            (string) $this->roll(['boxSpeed' => 400, 'index' => 1600])->speedWords(),
        );
        $old = $this->roll(['boxSpeed' => 400, 'expires' => '2016-05', 'loaded' => '2026-05-31']);
        $this->assertSame(10.0, $old->film->yearsExpired);
        $this->assertStringContainsString(
            '10 years past its date it wants about 1 stop more',
            (string) $old->speedWords(),
        );
        $this->assertSame(0.0, RollFormat::yearsPast('2027-01', '2026-05-31'));
        $this->assertSame(0.0, RollFormat::yearsPast('2016-05', null), 'nobody said when');
    }

    public function test_the_order_says_process_and_push(): void
    {
        $this->assertSame('colour negative, normal', $this->roll()->development());
        $this->assertSame(
            'black and white, pushed by 2 stops',
            $this->roll(['kind' => 'black-and-white', 'pushed' => 2])->development(),
        );
        $this->assertSame(
            'crossed: slide film as a negative, pulled by 1 stop',
            $this->roll(['kind' => 'slide', 'pushed' => -1, 'lab' => ['process' => 'crossed']])->development(),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no frame' => [['frames' => 0], 'frames: a roll has 1 to 99'];
        yield 'half a frame' => [['frames' => 1.5], 'frames: '];
        yield 'too many' => [['frames' => 100], 'frames: '];
        yield 'a month' => [['expires' => '2026-13'], 'expires: "2026-13" is no date'];
        yield 'a day' => [['loaded' => '31.5.2026'], 'loaded: '];
        yield 'pushed too far' => [['pushed' => 4], 'Push or pull must lie'];
        yield 'a process' => [['lab' => ['process' => 'magic']], 'lab.process'];
    }

    /** @param  array<string, mixed>  $content */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_with_a_roll_is_named(array $content, string $problem): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($problem);
        $this->roll($content);
    }

    public function test_every_mishap_has_a_way_on(): void
    {
        foreach (Mishap::cases() as $mishap) {
            $this->assertStringContainsString('ext', $mishap->advice(), $mishap->value);
            $this->assertNotSame('', $mishap->label());
        }
    }

    /** @param  array<string, mixed>  $content */
    private function roll(array $content = []): Roll
    {
        return RollFormat::read(Fields::of(['name' => 'Roll 7', 'boxSpeed' => 400, ...$content]));
    }
}
