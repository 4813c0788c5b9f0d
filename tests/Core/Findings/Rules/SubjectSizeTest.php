<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Rules\SubjectSize;

final class SubjectSizeTest extends TestCase
{
    public function test_a_subject_of_half_a_percent(): void
    {
        $finding = (new SubjectSize())->judge(Situations::make(region: Region::of(0.4, 0.4, 0.1, 0.05)));

        $this->assertEqualsWithDelta(0.5, $finding?->evidence[0]->value, 1e-9);
        // From half a percent to six is √12 of focal length.
        $this->assertStringContainsString('173 mm', $finding->sentence);
    }

    public function test_no_room_left_and_just_right(): void
    {
        $this->assertStringContainsString(
            'nothing is left',
            (string) (new SubjectSize())->judge(Situations::make(region: Region::of(0.05, 0.05, 0.9, 0.9)))?->sentence,
        );
        $this->assertNull((new SubjectSize())->judge(Situations::make()));
    }
}
