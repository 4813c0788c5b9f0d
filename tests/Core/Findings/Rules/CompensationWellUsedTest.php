<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\CompensationWellUsed;
use TruePupil\Core\Kit\ExposureMode;

final class CompensationWellUsedTest extends TestCase
{
    public function test_compensation_the_right_way_that_hit_is_praised(): void
    {
        $this->assertStringContainsString(
            '+1⅓',
            (string) (new CompensationWellUsed())->judge(Situations::make(subject: 1.3, compensation: 4 / 3))
                ?->sentence,
        );
    }

    public function test_the_wrong_way_or_a_miss_is_not(): void
    {
        $this->assertNull((new CompensationWellUsed())->judge(Situations::make(subject: 1.3, compensation: -1)));
        $this->assertNull((new CompensationWellUsed())->judge(Situations::make(subject: 0.5, compensation: 1)));
        $this->assertNull(
            (new CompensationWellUsed())->judge(
                Situations::make(subject: 1.3, compensation: 1, mode: ExposureMode::Manual),
            ),
        );
    }
}
