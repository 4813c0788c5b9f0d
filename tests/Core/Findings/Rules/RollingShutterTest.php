<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\RollingShutter;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedSubject;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;

final class RollingShutterTest extends TestCase
{
    public function test_something_quick_read_line_by_line_is_asked_about(): void
    {
        $finding = $this->judge(1 / 1000, true, $this->of(SubjectKind::Runner));

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('?', $finding->sentence);
        $this->assertNotNull($this->judge(1 / 60, true, $this->of(SubjectKind::Runner)));
        $this->assertNull($this->judge(1 / 50, true, $this->of(SubjectKind::Runner)));
    }

    public function test_a_pan_slants_what_lies_behind_at_any_time(): void
    {
        $this->assertNotNull($this->judge(1 / 20, true, new Intent(movement: new Movement(MovementLook::Pan))));
    }

    public function test_the_mechanical_shutter_and_slow_things_are_not(): void
    {
        $this->assertNull($this->judge(1 / 1000, false, $this->of(SubjectKind::Runner)));
        $this->assertNull($this->judge(1 / 1000, null, $this->of(SubjectKind::Runner)));
        $this->assertNull($this->judge(1 / 1000, true, $this->of(SubjectKind::Person)));
    }

    private function of(SubjectKind $kind): Intent
    {
        return new Intent(contents: new IntendedContents(about: new IntendedSubject($kind)));
    }

    private function judge(float $time, ?bool $isSilent, Intent $intent): ?Finding
    {
        return (new RollingShutter())->judge(
            Situations::make(t: $time, record: ['silent' => $isSilent], intent: $intent),
        );
    }
}
