<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\PosterisedSteps;
use TruePupil\Core\Findings\Severity;

final class PosterisedStepsTest extends TestCase
{
    public function test_every_third_code_is_empty(): void
    {
        $counts = fn (int $by): array => array_fill_keys(range(20, 230, $by), 1000);

        $this->assertNull((new PosterisedSteps())->judge(Situations::make(frame: Situations::tones($counts(1)))));
        $found = (new PosterisedSteps())->judge(Situations::make(frame: Situations::tones($counts(2))));
        $this->assertSame(Severity::Weakness, $found?->severity);
        $this->assertEqualsWithDelta(50.0, $found->evidence[0]->value, 1.0);
    }

    public function test_a_narrow_range_cannot_tell(): void
    {
        $this->assertNull(
            (new PosterisedSteps())->judge(
                Situations::make(frame: Situations::tones(array_fill_keys(range(100, 150, 5), 1000))),
            ),
        );
    }
}
