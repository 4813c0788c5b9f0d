<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\LinesLead;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class LinesLeadTest extends TestCase
{
    public function test_three_lines_that_meet_in_the_subject_or_two_that_were_meant_to(): void
    {
        $segments = [
            $this->line(0.0, 1.0, 0.35, 0.65),
            $this->line(1.0, 1.0, 0.65, 0.65),
            $this->line(0.0, 0.0, 0.35, 0.35),
        ];
        $judge = fn (int $lines, ?Idea $idea = null): ?Severity => (new LinesLead())->judge(
            Situations::make(
                composition: ['segments' => array_slice($segments, 0, $lines)],
                intent: new Intent(idea: $idea),
            ),
        )?->severity;

        $this->assertSame(Severity::Praise, $judge(3));
        $this->assertNull($judge(2), 'two may be the edges of one thing');
        $this->assertSame(Severity::Praise, $judge(2, Idea::Lines));
        $this->assertSame(Severity::Weakness, $judge(1, Idea::Lines));
    }

    public function test_declared_and_missed(): void
    {
        $missed = (new LinesLead())->judge(
            Situations::make(
                composition: ['segments' => [$this->line(0.0, 0.95, 0.9, 0.95)]],
                intent: new Intent(idea: Idea::Lines),
            ),
        );
        $this->assertSame(Severity::Weakness, $missed?->severity);
        $this->assertNull(
            (new LinesLead())->judge(
                Situations::make(composition: ['segments' => [$this->line(0.0, 0.95, 0.9, 0.95)]]),
            ),
        );
    }

    public function test_marked_lines_are_taken_at_their_word(): void
    {
        $this->assertSame(
            Severity::Praise,
            (new LinesLead())->judge(
                Situations::make(composition: [], marks: ['leads' => ['marked' => 2, 'leading' => 2]]),
            )?->severity,
        );
        $this->assertStringContainsString(
            'Of the 2 lines that you marked, 1',
            (string) (new LinesLead())->judge(
                Situations::make(composition: [], marks: ['leads' => ['marked' => 2, 'leading' => 1]]),
            )?->sentence,
        );
    }

    /** @return array{x1: float, y1: float, x2: float, y2: float, length: float} */
    private function line(float $x1, float $y1, float $x2, float $y2): array
    {
        return [
            'x1' => $x1,
            'y1' => $y1,
            'x2' => $x2,
            'y2' => $y2,
            'length' => hypot(1.5 * ($x2 - $x1), $y2 - $y1) / hypot(1.5, 1),
        ];
    }
}
