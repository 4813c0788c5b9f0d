<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\NoReason;
use TruePupil\Core\Findings\Severity;

final class NoReasonTest extends TestCase
{
    public function test_nothing_said(): void
    {
        $this->assertSame(Severity::Choice, (new NoReason())->judge(Situations::make(reason: ' '))?->severity);
        $this->assertNotNull((new NoReason())->judge(Situations::make(reason: '')));
    }

    public function test_a_reason_or_nobody_asked(): void
    {
        $this->assertNull((new NoReason())->judge(Situations::make(reason: 'To show the glaze against the light.')));
        $this->assertNull((new NoReason())->judge(Situations::make(reason: null)));
        $this->assertNull((new NoReason())->judge(Situations::make(reason: 'Night')), 'a short reason is one');
    }
}
