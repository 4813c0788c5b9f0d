<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\DepthTooShallow;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class DepthTooShallowTest extends TestCase
{
    public function test_the_f_number_and_focus_that_hold_it(): void
    {
        // 50 mm f/2.8 at 3 m holds 2.73 to 3.33; 2.4 to 4 asks for focus at 3 m and f/6.94.
        $finding = $this->judge(2.8, 2.4, 4.0);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(2.729, $finding->evidence[0]->value, 0.005);
        $this->assertSame(7.1, $finding->suggestion?->exposure->settings->aperture->nominal());
        $this->assertEqualsWithDelta(3.0, $finding->suggestion->lens->focusDistance, 1e-9);
    }

    public function test_it_says_which_end_is_soft(): void
    {
        $this->assertStringContainsString('so both ends are soft.', (string) $this->judge(2.8, 2.4, 4.0)?->sentence);
        $this->assertStringContainsString('so the near end is soft.', (string) $this->judge(2.8, 2.4, 3.2)?->sentence);
        $this->assertStringContainsString('so the far end is soft.', (string) $this->judge(2.8, 2.8, 4.0)?->sentence);
    }

    public function test_where_only_the_focus_was_wrong(): void
    {
        $finding = (new DepthTooShallow())->judge(
            Situations::make(n: 11, intent: new Intent(distances: new IntendedDistances(subject: 2, near: 2, far: 4))),
        );

        $this->assertNull($finding?->suggestion);
        $this->assertStringContainsString('focus at 2.67 m', (string) $finding?->sentence);
    }

    public function test_deep_enough(): void
    {
        $this->assertNull($this->judge(8, 2.4, 4.0));
    }

    public function test_a_horizon_that_no_aperture_reaches(): void
    {
        $finding = (new DepthTooShallow())->judge(
            Situations::make(
                n: 11,
                focalLength: 200,
                intent: new Intent(distances: new IntendedDistances(subject: 5, near: 5, far: INF)),
            ),
        );

        $this->assertNull($finding?->suggestion);
        $this->assertStringContainsString('No aperture of this lens', (string) $finding?->sentence);
    }

    private function judge(float $n, float $near, float $far): ?Finding
    {
        return (new DepthTooShallow())->judge(
            Situations::make(
                n: $n,
                intent: new Intent(distances: new IntendedDistances(subject: 3, near: $near, far: $far)),
            ),
        );
    }
}
