<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\OnlyGlints;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Tone\EndAreas;

final class OnlyGlintsTest extends TestCase
{
    public function test_many_small_places(): void
    {
        $this->assertSame(
            Severity::Praise,
            $this->judge(0.4, str_repeat(str_repeat("\xFF".str_repeat("\0", 9), 10).str_repeat("\0", 300), 8))
                ?->severity,
        );
    }

    public function test_one_large_place_or_too_much_in_all(): void
    {
        $this->assertNull($this->judge(0.4, str_repeat("\xFF", 60).str_repeat("\0", 3140)));
        $this->assertNull($this->judge(4.0, "\xFF".str_repeat("\0", 3199)));
        $this->assertNull((new OnlyGlints())->judge(Situations::make(frameLostPct: 0.4)));
    }

    public function test_a_small_subject_that_lost_much_of_itself_is_not_only_glints(): void
    {
        $map = str_repeat("\xFF".str_repeat("\0", 9), 10).str_repeat("\0", 3100);
        $this->assertNotNull($this->judge(0.4, $map, ofSubject: 0.9));
        $this->assertNull($this->judge(0.4, $map, ofSubject: 1.1));
    }

    /** @param  string  $map  100 cells a row */
    private function judge(float $lostPct, string $map, float $ofSubject = 0.0): ?Finding
    {
        $ends = EndAreas::ofBytes(100, 32, $map, str_repeat("\0", 3200));

        return (new OnlyGlints())->judge(Situations::make(lostPct: $ofSubject, frameLostPct: $lostPct, ends: $ends));
    }
}
