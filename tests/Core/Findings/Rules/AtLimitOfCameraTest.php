<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\AtLimitOfCamera;

final class AtLimitOfCameraTest extends TestCase
{
    public function test_the_fastest_time_and_still_too_bright(): void
    {
        $finding = (new AtLimitOfCamera())->judge(
            Situations::make(n: 2.8, t: 1 / 8000, subject: 2.0, wanted: 0.0, kit: Situations::kit()),
        );

        $this->assertStringContainsString('fastest exposure time', (string) $finding?->sentence);
        $this->assertStringContainsString('filter of 2 stops', $finding->sentence);
    }

    public function test_the_longest_time_and_still_too_dark(): void
    {
        $this->assertStringContainsString(
            'longest exposure time',
            (string) (new AtLimitOfCamera())->judge(
                Situations::make(n: 8, t: 30, subject: -2.0, wanted: 0.0, kit: Situations::kit()),
            )?->sentence,
        );
    }

    public function test_base_iso_and_the_widest_aperture_alone_are_no_wall(): void
    {
        $this->assertNull(
            (new AtLimitOfCamera())->judge(
                Situations::make(n: 1.8, t: 1 / 60, subject: -2.0, wanted: 0.0, kit: Situations::kit()),
            ),
        );
        $this->assertNull(
            (new AtLimitOfCamera())->judge(
                Situations::make(t: 1 / 8000, subject: 0.0, wanted: 0.0, kit: Situations::kit()),
            ),
        );
    }
}
