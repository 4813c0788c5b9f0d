<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LineThroughSubject;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class LineThroughSubjectTest extends TestCase
{
    public function test_a_pole_out_of_the_head_and_a_horizon_through_it(): void
    {
        $this->assertStringContainsString('grew out of it', (string) $this->judge(0.45, 0.9, true)?->sentence);
        $this->assertSame(
            Severity::Weakness,
            $this->judge(0.36, 0.95, false, new Intent(contents: new IntendedContents(person: true)))?->severity,
        );
    }

    public function test_a_line_of_the_subject_itself_or_beside_it(): void
    {
        $this->assertNull($this->judge(0.45, 0.45, true));
        $this->assertNull($this->judge(0.8, 0.9, true));
    }

    private function judge(float $at, float $length, bool $upright, Intent $intent = new Intent()): ?Finding
    {
        // The mark lies at 0.4 to 0.6 across and 0.3 to 0.7 downwards.
        return (new LineThroughSubject())->judge(
            Situations::make(
                composition: ['lines' => [['angle' => 0.0, 'at' => $at, 'length' => $length, 'upright' => $upright]]],
                intent: $intent,
            ),
        );
    }
}
