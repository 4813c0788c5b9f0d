<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\IsoSetting;
use TruePupil\Core\Findings\Rules\AutomaticIsoHidesMeter;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\ExposureMode;

final class AutomaticIsoHidesMeterTest extends TestCase
{
    public function test_the_approach_decides_how_much_it_weighs(): void
    {
        $automatic = new Approach(light: new ApproachToLight(iso: IsoSetting::Automatic));

        $this->assertSame(
            Severity::Weakness,
            (new AutomaticIsoHidesMeter())->judge(Situations::make(mode: ExposureMode::ManualAutoIso))?->severity,
        );
        $this->assertSame(
            Severity::Choice,
            (new AutomaticIsoHidesMeter())->judge(
                Situations::make(mode: ExposureMode::ManualAutoIso, approach: $automatic),
            )?->severity,
        );
    }

    public function test_manual_with_iso_set(): void
    {
        $this->assertNull((new AutomaticIsoHidesMeter())->judge(Situations::make(mode: ExposureMode::Manual)));
    }
}
