<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\HyperfocalFocus;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class HyperfocalFocusTest extends TestCase
{
    public function test_at_the_hyperfocal_distance(): void
    {
        // 50 mm f/8: 10.5 m.
        $this->assertSame(Severity::Praise, $this->judge(10.5)?->severity);
    }

    public function test_no_praise_where_an_end_of_what_was_wanted_is_soft(): void
    {
        // Sharp from 5.25 m on: as wanted from 5.1 m, within a hair, and not from 4.9 m.
        $this->assertNotNull($this->judge(10.5, 5.1));
        $this->assertNull($this->judge(10.5, 4.9));
        // A little nearer than hyperfocal the horizon is soft.
        $this->assertNull($this->judge(9.5, 5.1));
    }

    public function test_far_beyond_it(): void
    {
        $finding = $this->judge(40.0);

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertEqualsWithDelta(10.4, $finding->evidence[0]->limit, 0.1);
    }

    public function test_nearer_than_it_is_another_finding(): void
    {
        $this->assertNull($this->judge(4.0));
    }

    private function judge(float $focus, float $near = 5.3): ?Finding
    {
        return (new HyperfocalFocus())->judge(
            Situations::make(
                n: 8,
                record: ['focusDistance' => $focus],
                intent: new Intent(distances: new IntendedDistances(near: $near, far: INF)),
            ),
        );
    }
}
