<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FocusOnSubject;
use TruePupil\Core\Findings\Severity;

final class FocusOnSubjectTest extends TestCase
{
    public function test_held_and_missed(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(['subjectRatio' => 0.95])?->severity);
        $missed = $this->judge(['subjectRatio' => 0.3, 'sharpest' => ['x' => 0.9, 'y' => 0.8]]);
        $this->assertSame(Severity::Fault, $missed?->severity);
        $this->assertStringContainsString('lower right', $missed->sentence);
    }

    public function test_silence_rather_than_a_guess(): void
    {
        $this->assertNull($this->judge(['subjectRatio' => 0.7]));
        $this->assertNull($this->judge(['subjectRatio' => null]));
        $this->assertNull($this->judge(['subjectRatio' => 0.3, 'confidence' => 0.1]));
        $this->assertNull($this->judge(['subjectRatio' => 0.3, 'sharpness' => 0.1]));
    }

    /** @param  array<string, mixed>  $focus */
    private function judge(array $focus): ?Finding
    {
        return (new FocusOnSubject())->judge(Situations::make(focus: $focus));
    }
}
