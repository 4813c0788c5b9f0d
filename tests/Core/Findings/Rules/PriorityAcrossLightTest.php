<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\PriorityAcrossLight;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;

final class PriorityAcrossLightTest extends TestCase
{
    public function test_a_meter_follows_the_background(): void
    {
        $this->assertSame(
            Severity::Weakness,
            (new PriorityAcrossLight())->judge(
                Situations::make(intent: new Intent(contents: new IntendedContents(crossesLight: true))),
            )?->severity,
        );
    }

    public function test_locked_in_manual_or_in_one_light(): void
    {
        $this->assertNull(
            (new PriorityAcrossLight())->judge(
                Situations::make(
                    mode: ExposureMode::Manual,
                    intent: new Intent(contents: new IntendedContents(crossesLight: true)),
                ),
            ),
        );
        $this->assertNull((new PriorityAcrossLight())->judge(Situations::make()));
    }
}
