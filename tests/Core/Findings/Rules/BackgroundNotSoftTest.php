<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\BackgroundNotSoft;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class BackgroundNotSoftTest extends TestCase
{
    public function test_the_aperture_that_spreads_it_enough(): void
    {
        // 85 mm f/1.8 at 2 m against 10 m spreads 1.68 mm, 4.7 % of 36 mm; f/5.6 spreads 1.5 %.
        $finding = $this->judge(5.6, 4.0);

        $this->assertEqualsWithDelta((4.66 * 1.8) / 5.66, $finding?->evidence[0]->value, 0.02);
        $this->assertSame(2.0, $finding->suggestion?->exposure->settings->aperture->nominal());
    }

    public function test_beyond_what_the_lens_opens_to(): void
    {
        $this->assertNull($this->judge(5.6, 8.0)?->suggestion);
    }

    public function test_soft_enough_or_not_asked_for(): void
    {
        $this->assertNull($this->judge(1.8, 4.0));
        $this->assertNull(
            (new BackgroundNotSoft())->judge(
                Situations::make(
                    n: 11,
                    intent: new Intent(distances: new IntendedDistances(subject: 2, background: 10)),
                ),
            ),
        );
    }

    private function judge(float $n, float $separation): ?Finding
    {
        return (new BackgroundNotSoft())->judge(
            Situations::make(
                n: $n,
                focalLength: 85,
                intent: new Intent(
                    distances: new IntendedDistances(subject: 2, background: 10, separation: $separation),
                ),
            ),
        );
    }
}
