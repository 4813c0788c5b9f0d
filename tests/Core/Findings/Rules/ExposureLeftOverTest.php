<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ExposureLeftOver;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\ExposureMode;

final class ExposureLeftOverTest extends TestCase
{
    public function test_the_settings_of_the_frame_before_in_other_light(): void
    {
        $finding = $this->judge(1 / 125, subject: -2.0);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-2.0, $finding->evidence[0]->value, 0.02);
    }

    public function test_other_settings_or_a_small_miss_are_no_leftover(): void
    {
        $this->assertNull($this->judge(1 / 500, subject: -2.0));
        $this->assertNull($this->judge(1 / 125, subject: -1.0));
    }

    public function test_a_camera_that_follows_the_meter_leaves_nothing_over(): void
    {
        $this->assertNull($this->judge(1 / 125, subject: -2.0, mode: ExposureMode::Aperture));
    }

    private function judge(float $before, float $subject, ExposureMode $mode = ExposureMode::Manual): ?Finding
    {
        return (new ExposureLeftOver())->judge(
            Situations::make(
                t: 1 / 125,
                mode: $mode,
                subject: $subject,
                wanted: 0.0,
                earlier: Situations::frames([[5.6, $before, 100, 0]]),
            ),
        );
    }

    public function test_in_any_brief_it_is_found_from_the_frames_before(): void
    {
        $indoors = Situations::make(n: 2.8, t: 1 / 30, iso: 800, mode: ExposureMode::Manual)->record;
        $finding = (new ExposureLeftOver())->judge(
            Situations::make(
                n: 2.8,
                t: 1 / 30,
                iso: 800,
                mode: ExposureMode::Manual,
                subject: null,
                wanted: null,
                frame: Situations::tones([255 => 77, 180 => 23]),
                metering: ['scene' => 2.3, 'highlight' => 0.4],
                earlier: [$indoors],
            ),
        );

        $this->assertStringContainsString('the picture came out 3½ stops too bright', (string) $finding?->sentence);
    }
}
