<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\DarkFace;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class DarkFaceTest extends TestCase
{
    public function test_a_person_against_the_light(): void
    {
        $finding = (new DarkFace())->judge(
            Situations::make(subject: -1.7, intent: new Intent(contents: new IntendedContents(person: true))),
        );

        $this->assertEqualsWithDelta(-1.7, $finding?->evidence[0]->value, 0.05);
    }

    public function test_lit_or_nobody(): void
    {
        $this->assertNull(
            (new DarkFace())->judge(
                Situations::make(subject: -0.5, intent: new Intent(contents: new IntendedContents(person: true))),
            ),
        );
        $this->assertNull((new DarkFace())->judge(Situations::make(subject: -1.7)));
    }
}
