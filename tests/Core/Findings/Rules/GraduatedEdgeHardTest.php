<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\GraduatedEdgeHard;
use TruePupil\Core\Findings\Severity;

final class GraduatedEdgeHardTest extends TestCase
{
    public function test_seen_and_not_seen(): void
    {
        $found = (new GraduatedEdgeHard())->judge(
            Situations::make(colour: ['graduatedEdge' => ['at' => 0.42, 'stops' => 1.4, 'confidence' => 0.95]]),
        );

        $this->assertSame(Severity::Weakness, $found?->severity);
        $this->assertStringContainsString('1.4 stops darker above a line 42 % down', $found->sentence);
        $this->assertNull((new GraduatedEdgeHard())->judge(Situations::make(colour: [])));
    }
}
