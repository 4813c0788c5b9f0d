<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\MeteringUnsuited;
use TruePupil\Core\Kit\ExposureMode;

final class MeteringUnsuitedTest extends TestCase
{
    public function test_a_spot_would_have_been_right(): void
    {
        // The scene read grey and left a subject that belongs at grey two stops dark; the spot on it said so.
        $finding = (new MeteringUnsuited())->judge(
            Situations::make(
                subject: -2.0,
                wanted: 0.0,
                metering: ['scene' => 0.0, 'centre' => -0.2, 'spot' => -2.0, 'highlight' => 1.0],
            ),
        );

        $this->assertStringContainsString('by a spot on the subject', (string) $finding?->sentence);
        $this->assertStringContainsString('spot −2', $finding->sentence);
    }

    public function test_all_alike_or_in_manual(): void
    {
        $this->assertNull(
            (new MeteringUnsuited())->judge(
                Situations::make(
                    subject: -2.0,
                    wanted: 0.0,
                    metering: ['scene' => 0.0, 'centre' => 0.1, 'spot' => 0.2, 'highlight' => 0.3],
                ),
            ),
        );
        $this->assertNull(
            (new MeteringUnsuited())->judge(
                Situations::make(subject: -2.0, wanted: 0.0, mode: ExposureMode::Manual, metering: ['spot' => -2.0]),
            ),
        );
        $this->assertNull(
            (new MeteringUnsuited())->judge(Situations::make(subject: 0.0, wanted: 0.0, metering: ['spot' => -2.0])),
        );
    }
}
