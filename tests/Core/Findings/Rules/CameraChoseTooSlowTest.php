<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\CameraChoseTooSlow;
use TruePupil\Core\Kit\ExposureMode;

final class CameraChoseTooSlowTest extends TestCase
{
    public function test_aperture_priority_let_the_time_drop(): void
    {
        $finding = (new CameraChoseTooSlow())->judge(Situations::make(n: 5.6, t: 1 / 13, mode: ExposureMode::Aperture));

        $this->assertStringContainsString('1/50 s', (string) $finding?->sentence);
        $this->assertStringContainsString('3⅓ stops', $finding->sentence);
    }

    public function test_a_person_chose_it_or_it_is_short_enough(): void
    {
        $this->assertNull((new CameraChoseTooSlow())->judge(Situations::make(t: 1 / 13, mode: ExposureMode::Manual)));
        $this->assertNull((new CameraChoseTooSlow())->judge(Situations::make(t: 1 / 60)));
    }
}
