<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\SubjectPlaced;
use TruePupil\Core\Findings\Severity;

final class SubjectPlacedTest extends TestCase
{
    public function test_a_stop_too_dark_is_a_fault_with_a_suggestion(): void
    {
        $finding = (new SubjectPlaced())->judge(Situations::make(subject: 1 / 3));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('1 stop too dark', $finding->sentence);
        $this->assertEqualsWithDelta(1 / 3 - 1, $finding->evidence[0]->margin, 0.01);
        $this->assertEqualsWithDelta(1.0, $finding->suggestion?->exposure->compensation, 0.01);
    }

    public function test_half_a_stop_too_bright_is_a_weakness(): void
    {
        $finding = (new SubjectPlaced())->judge(Situations::make(subject: 4 / 3 + 0.5));

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertStringContainsString('too bright', $finding->sentence);
    }

    public function test_in_its_place_it_is_praised(): void
    {
        $finding = (new SubjectPlaced())->judge(Situations::make(subject: 4 / 3));

        $this->assertSame(Severity::Praise, $finding?->severity);
        $this->assertNull($finding->suggestion);
    }
}
