<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\IdeaKept;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class IdeaKeptTest extends TestCase
{
    public function test_kept_and_missed(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(Idea::Thirds)?->severity);
        $this->assertSame(Severity::Weakness, $this->judge(Idea::Centre)?->severity);
        $this->assertStringContainsString('12 % of the diagonal', $this->judge(Idea::Centre)->sentence);
    }

    public function test_none_declared_or_one_without_a_place(): void
    {
        $this->assertNull($this->judge(null));
        $this->assertNull($this->judge(Idea::Isolation));
    }

    private function judge(?Idea $idea): ?Finding
    {
        return (new IdeaKept())->judge(
            Situations::make(
                composition: ['ideas' => ['thirds' => 2.0, 'centre' => 12.0, 'diagonals' => 6.0, 'golden' => 4.0]],
                intent: new Intent(idea: $idea),
            ),
        );
    }
}
