<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Retake\PlacementAdviser;

final class ReachTest extends TestCase
{
    /** @return iterable<string, array{bool, bool}> what lies at an end of a dial, and what lies a step beyond it */
    public static function ends(): iterable
    {
        $reach = Reach::of(
            new Body('a body', SensorFormat::fullFrame(), new BodyLimits(1 / 4000, 30.0, 100.0, 6400.0)),
            2.8,
            16.0,
        );
        $time = fn (float $seconds): bool => $reach->hasTime(ExposureTime::of($seconds));
        $iso = fn (float $iso): bool => $reach->hasIso(Iso::of($iso));
        $aperture = fn (float $n): bool => $reach->hasAperture(Aperture::of($n), Aperture::of(8.0));
        yield 'the fastest time' => [$time(1 / 4000), $time(1 / 5000)];
        yield 'the longest time' => [$time(30.0), $time(40.0)];
        yield 'the highest ISO' => [$iso(6400.0), $iso(8000.0)];
        yield 'the lowest ISO' => [$iso(100.0), $iso(80.0)];
        yield 'the lowest ISO that is wanted' => [
            $reach->hasIso(Iso::of(200.0), 200.0),
            $reach->hasIso(Iso::of(160.0), 200.0),
        ];
        yield 'the widest aperture' => [$aperture(2.8), $aperture(2.5)];
        yield 'the smallest aperture' => [$aperture(16.0), $aperture(18.0)];
    }

    #[DataProvider('ends')]
    public function test_a_dial_ends_where_the_body_says(bool $within, bool $beyond): void
    {
        $this->assertSame([true, false], [$within, $beyond]);
    }

    public function test_a_lens_that_nobody_described_goes_no_further_than_it_was_seen(): void
    {
        $reach = Reach::assumed(null, 100.0);

        $this->assertTrue($reach->isAssumed);
        $this->assertTrue($reach->hasAperture(Aperture::of(4.0), Aperture::of(4.0)));
        $this->assertFalse($reach->hasAperture(Aperture::of(3.5), Aperture::of(4.0)));
        $this->assertFalse($reach->hasAperture(Aperture::of(4.5), Aperture::of(4.0)));
    }

    public function test_where_no_kit_says_what_was_seen_can_be_set(): void
    {
        $seen = new ExposureSettings(Aperture::of(4.0), ExposureTime::of(1 / 8000), Iso::of(51200.0));

        $this->assertTrue(Reach::assumed($seen, 100.0)->hasTime($seen->time));
        $this->assertTrue(Reach::assumed($seen, 100.0)->hasIso($seen->iso));
        $this->assertFalse(Reach::assumed(null, 100.0)->hasTime($seen->time));
        $this->assertFalse(Reach::assumed(null, 100.0)->hasIso($seen->iso));
        $this->assertTrue(Reach::of(new Body('x', SensorFormat::fullFrame()))->hasTime($seen->time));
    }

    public function test_no_suggestion_asks_a_body_for_more_than_it_has(): void
    {
        $kit = Situations::kit(['fastest' => 1 / 4000, 'isoMax' => 6400]);
        $bright = Situations::make(t: 1 / 3200, iso: 100, subject: 3.0, kit: $kit);
        $dark = Situations::make(t: 1 / 60, iso: 4000, subject: -1.0, kit: $kit);
        foreach ([$bright, $dark] as $situation) {
            foreach ((new PlacementAdviser())->suggest($situation) as $suggestion) {
                $settings = $suggestion->exposure->settings;
                $this->assertTrue($situation->reach()->hasTime($settings->time), $suggestion->title);
                $this->assertTrue($situation->reach()->hasIso($settings->iso), $suggestion->title);
            }
        }
    }
}
