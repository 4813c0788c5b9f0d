<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\Flash;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitNumbers;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\SensorFormat;

final class KitNumbersTest extends TestCase
{
    public function test_a_lens_in_numbers(): void
    {
        $rows = $this->numbers()->lenses();

        // A prime once, a zoom at both of its ends.
        $this->assertSame([50.0, 24.0, 70.0], array_column($rows, 'focalLength'));
        // 50 mm at f/1.8, exactly f/1.782: 28.1 mm. 50 mm on 36 mm: 39.6 degrees. Two stops of stabiliser: 4/50 s, so
        // 1/13 s.
        $this->assertEqualsWithDelta([28.1, 39.6], [$rows[0]['pupil'], $rows[0]['angle']], 0.06);
        $this->assertSame('1/13 s', $rows[0]['handHeld']);
        $this->assertSame(0.45, $rows[0]['closest']);
        $this->assertNull($rows[1]['closest']);
    }

    public function test_the_kit_as_a_whole(): void
    {
        $numbers = $this->numbers();
        $this->assertEqualsWithDelta(28.1, $numbers->widestPupil(), 0.06);
        $this->assertEqualsWithDelta([24.0, 70.0], $numbers->reach(), 1e-9);
        $pairs = $numbers->stopsBetween();
        $this->assertCount(1, $pairs);
        // From f/4 to f/1.8 it is two and a third stops.
        $this->assertSame(
            ['the prime', 'the zoom', 50.0],
            [$pairs[0]['faster'], $pairs[0]['slower'], $pairs[0]['focalLength']],
        );
        $this->assertEqualsWithDelta(7 / 3, $pairs[0]['stops'], 0.01);
    }

    public function test_a_smaller_sensor_reaches_further(): void
    {
        $this->assertEqualsWithDelta(
            1.534 * 24,
            $this->numbers(SensorFormat::parse('23.5x15.6'))->reach()[0] ?? null,
            0.1,
        );
    }

    public function test_what_is_missing_is_said_and_what_is_there_is_not(): void
    {
        // f/22 at EV 15 and ISO 100: 484/32768 s, about 1/60 s.
        $this->assertCount(2, $this->numbers()->limits());
        $this->assertStringContainsString('1/60 s', implode(' ', $this->numbers()->limits()));
        $full = new Kit(
            new Body('A body', SensorFormat::fullFrame(), new BodyLimits(flashSync: 1 / 200)),
            [],
            [Support::Hand, Support::Tripod],
            [6.0],
            new Flash(28.0),
        );
        $this->assertSame(['With the flash, no time shorter than 1/200 s.'], (new KitNumbers($full))->limits());
        $this->assertNull((new KitNumbers($full))->reach());
    }

    private function numbers(?SensorFormat $format = null): KitNumbers
    {
        return new KitNumbers(
            new Kit(new Body('A body', $format ?? SensorFormat::fullFrame(), stabiliserStops: 2.0), [
                new Lens('the prime', 50, 50, 1.8, 1.8, 16, 0.45),
                new Lens('the zoom', 24, 70, 4, 4, 22),
            ]),
        );
    }
}
