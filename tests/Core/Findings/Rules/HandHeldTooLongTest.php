<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\HandHeldTooLong;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\Support;

final class HandHeldTooLongTest extends TestCase
{
    public function test_two_stops_too_long_by_hand(): void
    {
        $finding = (new HandHeldTooLong())->judge(Situations::make(t: 1 / 13));

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-log(50 / 12.6992, 2), $finding->evidence[0]->margin, 0.001);
    }

    public function test_a_monopod_holds_two_stops_longer(): void
    {
        $this->assertNull((new HandHeldTooLong())->judge(Situations::make(t: 1 / 13, support: Support::Monopod)));
    }

    public function test_a_tripod_sets_no_limit(): void
    {
        $this->assertNull((new HandHeldTooLong())->judge(Situations::make(t: 8.0, support: Support::Tripod)));
    }
}
