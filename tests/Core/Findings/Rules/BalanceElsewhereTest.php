<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BalanceElsewhere;

final class BalanceElsewhereTest extends TestCase
{
    public function test_the_picture_tips_to_one_side(): void
    {
        $finding = (new BalanceElsewhere())->judge(
            Situations::make(composition: ['balance' => ['x' => 0.9, 'y' => 0.5]]),
        );

        $this->assertStringContainsString('to the right', (string) $finding?->sentence);
        $this->assertEqualsWithDelta(40.0, $finding->evidence[0]->value, 0.5);
    }

    public function test_only_the_distance_across_counts_since_only_that_is_said(): void
    {
        $this->assertNull(
            (new BalanceElsewhere())->judge(Situations::make(composition: ['balance' => ['x' => 0.5, 'y' => 0.98]])),
        );
    }

    public function test_near_the_subject(): void
    {
        $this->assertNull(
            (new BalanceElsewhere())->judge(Situations::make(composition: ['balance' => ['x' => 0.6, 'y' => 0.5]])),
        );
    }
}
