<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Plan\WayBack;

final class WayBackTest extends TestCase
{
    public function test_it_is_for_the_dark_only(): void
    {
        $list = fn (float $ev): ?array => WayBack::of(Ev100::of($ev), self::settings(100), null, Iso::of(100));
        $this->assertNull($list(3.0));
        $this->assertNotNull($list(2.9));
    }

    public function test_it_names_what_was_changed_and_ends_with_people(): void
    {
        $list = WayBack::of(Ev100::of(-2), self::settings(1600), Support::Tripod, Iso::of(100)) ?? [];
        $this->assertContains('ISO 1600 back to ISO 100, or to automatic', $list);
        $this->assertContains('Stabiliser on again; tripod, plate and remote release in the bag', $list);
        $this->assertSame('Tell whoever knows where you are that you are on your way', end($list));

        $plain = implode(' ', WayBack::of(Ev100::of(-2), self::settings(100), null, Iso::of(100)) ?? []);
        $this->assertStringNotContainsString('ISO', $plain);
        $this->assertStringNotContainsString('tripod', $plain);
    }

    private static function settings(float $iso): ExposureSettings
    {
        return new ExposureSettings(Aperture::of(2.8), ExposureTime::of(15), Iso::of($iso));
    }
}
