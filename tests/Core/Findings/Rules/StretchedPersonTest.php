<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Rules\StretchedPerson;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class StretchedPersonTest extends TestCase
{
    public function test_a_person_in_the_corner_of_a_wide_picture(): void
    {
        // 16 mm at the corner: 1.68.
        $finding = (new StretchedPerson())->judge(
            Situations::make(
                focalLength: 16,
                intent: new Intent(contents: new IntendedContents(person: true)),
                region: Region::of(0.8, 0.5, 0.2, 0.5),
            ),
        );

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertEqualsWithDelta(1.68, $finding->evidence[0]->value, 0.01);
    }

    public function test_in_the_middle_or_through_a_longer_lens(): void
    {
        $this->assertNull(
            (new StretchedPerson())->judge(
                Situations::make(
                    focalLength: 16,
                    intent: new Intent(contents: new IntendedContents(person: true)),
                    region: Region::of(0.45, 0.4, 0.1, 0.2),
                ),
            ),
        );
        $this->assertNull(
            (new StretchedPerson())->judge(
                Situations::make(
                    focalLength: 50,
                    intent: new Intent(contents: new IntendedContents(person: true)),
                    region: Region::of(0.8, 0.5, 0.2, 0.5),
                ),
            ),
        );
        $this->assertNull(
            (new StretchedPerson())->judge(Situations::make(focalLength: 16, region: Region::of(0.8, 0.5, 0.2, 0.5))),
        );
    }
}
