<?php

declare(strict_types=1);

namespace Tests\Core\Retake;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Retake\SameExposure;

final class SameExposureTest extends TestCase
{
    public function test_iso_answers_first_then_a_filter(): void
    {
        $situation = Situations::make(n: 8, t: 1 / 60, iso: 400, kit: Situations::kit());
        $shorter = SameExposure::with($situation, 'frozen', time: ExposureTime::of(1 / 250));
        $longer = SameExposure::with($situation, 'silk', time: ExposureTime::of(1));

        $this->assertSame('ƒ/8, 1/250 s, ISO 1600', (string) $shorter?->exposure->settings);
        $this->assertSame(['2 stops more noise'], $shorter->effect->costs);
        $this->assertSame(['a filter of 4 stops'], $longer?->effect->costs);
        $this->assertSame(['silk', '2 stops cleaner'], $longer->effect->gains);
        $this->assertSame('Change to ƒ/8, 1/250 s, ISO 1600', $shorter->title);
        $this->assertSame('Change to ƒ/8, 1 s, ISO 100 behind a filter of 4 stops', $longer->title);
        $this->assertSame('ƒ/8, 1 s, ISO 100', (string) $longer->exposure->settings);
        $this->assertEqualsWithDelta(4.0, $longer->exposure->filterStops, 1e-9);
    }

    public function test_a_shorter_time_comes_before_a_filter(): void
    {
        // ISO 100 cannot come down: two stops wider are two stops shorter.
        $wider = SameExposure::with(
            Situations::make(n: 8, t: 1 / 60, iso: 100, kit: Situations::kit(['isoMin' => 100])),
            'softer',
            aperture: Aperture::of(4),
        );

        $this->assertSame('ƒ/4, 1/250 s, ISO 100', (string) $wider?->exposure->settings);
        $this->assertSame(0.0, $wider->exposure->filterStops);
    }

    public function test_never_beyond_body_or_lens(): void
    {
        $situation = Situations::make(
            n: 8,
            t: 1 / 60,
            iso: 25600,
            kit: Situations::kit(),
            record: ['name' => 'Marlpit 50 mm'],
        );

        $this->assertNull(
            SameExposure::with($situation, 'frozen', time: ExposureTime::of(1 / 1000)),
            'ISO would have to pass the body\'s highest',
        );
        $this->assertNull(
            SameExposure::with($situation, 'deep', aperture: Aperture::of(22)),
            'the lens closes to ƒ/16',
        );
        $this->assertNull(
            SameExposure::with($situation, 'soft', aperture: Aperture::of(1.4)),
            'the lens opens to ƒ/1.8',
        );
        $this->assertNull(SameExposure::with($situation, 'long', time: ExposureTime::of(60)), 'the body goes to 30 s');
    }
}
