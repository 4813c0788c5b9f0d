<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FrameWithin;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class FrameWithinTest extends TestCase
{
    public function test_held_cut_and_not_marked(): void
    {
        $judge = fn (?array $surround, ?Idea $idea = null) => (new FrameWithin())->judge(
            Situations::make(
                intent: new Intent(idea: $idea),
                marks: $surround === null ? null : ['surround' => $surround],
            ),
        );

        $this->assertSame(Severity::Praise, $judge(['sharePct' => 40.0, 'holdsPct' => 100.0])?->severity);
        $this->assertStringContainsString(
            '70 % of the subject',
            (string) $judge(['sharePct' => 40.0, 'holdsPct' => 70.0])?->sentence,
        );
        $this->assertSame(Severity::Choice, $judge(null, Idea::Surround)?->severity);
        $this->assertNull($judge(null));
    }
}
