<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\ConvergingVerticals;

final class ConvergingVerticalsTest extends TestCase
{
    public function test_walls_that_fall_backwards(): void
    {
        $this->assertStringContainsString(
            'looked up',
            (string) (new ConvergingVerticals())->judge(Situations::make(composition: ['convergenceDeg' => 5.0]))
                ?->sentence,
        );
        $this->assertStringContainsString(
            'looked down',
            (string) (new ConvergingVerticals())->judge(Situations::make(composition: ['convergenceDeg' => -5.0]))
                ?->sentence,
        );
    }

    public function test_upright_enough(): void
    {
        $this->assertNull((new ConvergingVerticals())->judge(Situations::make(composition: ['convergenceDeg' => 1.0])));
        $this->assertNull((new ConvergingVerticals())->judge(Situations::make(composition: [])));
    }
}
