<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Briefs;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Findings\Rules\DarkFace;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
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

    public function test_the_flash_at_hand_is_named_where_it_reaches(): void
    {
        $said = fn (
            float $guideNumber,
            float $t,
            float $distance,
            ?bool $fired = false,
            ?Brief $brief = null,
        ): string => (new DarkFace())
            ->judge(
                Situations::make(
                    n: 5.6,
                    t: $t,
                    iso: 100,
                    subject: -1.7,
                    intent: new Intent(
                        distances: new IntendedDistances(subject: $distance),
                        contents: new IntendedContents(person: true),
                    ),
                    kit: Situations::kit(more: ['flash' => ['guideNumber' => $guideNumber]]),
                    record: ['flashFired' => $fired],
                    brief: $brief,
                ),
            )->sentence ?? '';

        // GN 28 at ƒ/5.6 lights 5 m fully, and fills a stop and a half under from 8.4 m.
        $this->assertStringContainsString('fill it from there', $said(28, 1 / 100, 8.2));
        $this->assertStringContainsString('a flash only where', $said(28, 1 / 100, 8.7));
        // Faster than it syncs a longer time is named; the stop that aperture or ISO gives up for it is reckoned.
        $this->assertStringContainsString('at a time of 1/200 s or longer', $said(28, 1 / 400, 5.8));
        $this->assertStringContainsString('a flash only where', $said(28, 1 / 400, 6.1));
        $this->assertStringContainsString('a flash only where', $said(28, 1 / 100, 2.0, true));
        $this->assertStringContainsString('a flash only where', $said(28, 1 / 100, 2.0, null));
        // And of none where the brief wants none.
        $without = Briefs::asking([['measure' => 'record.flash', 'comparison' => 'oneOf', 'limit' => ['off']]]);
        $this->assertStringNotContainsString('flash', $said(28, 1 / 100, 2.0, false, $without));
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
