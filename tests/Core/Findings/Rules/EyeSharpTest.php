<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\EyeSharp;
use TruePupil\Core\Findings\Severity;

final class EyeSharpTest extends TestCase
{
    public function test_sharp_soft_and_in_between(): void
    {
        $judge = fn (?float $ratio) => (new EyeSharp())->judge(
            Situations::make(focus: ['eyeRatio' => $ratio, 'sharpest' => ['x' => 0.9, 'y' => 0.9]]),
        );

        $this->assertSame(Severity::Praise, $judge(0.95)?->severity);
        $this->assertSame(Severity::Fault, $judge(0.3)?->severity);
        $this->assertStringContainsString('30 %', $judge(0.3)->sentence);
        $this->assertNull($judge(0.7));
        $this->assertNull($judge(null));
    }
}
