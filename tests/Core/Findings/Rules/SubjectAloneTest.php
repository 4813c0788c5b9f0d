<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\SubjectAlone;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class SubjectAloneTest extends TestCase
{
    public function test_alone_and_with_a_rival(): void
    {
        $judge = fn (float $weight, ?Idea $idea = Idea::Isolation) => (new SubjectAlone())->judge(
            Situations::make(
                composition: [
                    'attention' => [
                        ['x' => 0.5, 'y' => 0.5, 'weight' => 1.0],
                        ['x' => 0.9, 'y' => 0.1, 'weight' => $weight],
                    ],
                ],
                intent: new Intent(idea: $idea),
            ),
        );

        $this->assertSame(Severity::Praise, $judge(0.4)?->severity);
        $this->assertSame(Severity::Weakness, $judge(0.9)?->severity);
        $this->assertNull($judge(0.9, null));
    }
}
