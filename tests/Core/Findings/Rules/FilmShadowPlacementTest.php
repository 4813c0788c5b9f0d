<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FilmShadowPlacement;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Plan\LightReadings;
use TruePupil\Core\Plan\Plan;

final class FilmShadowPlacementTest extends TestCase
{
    public function test_shadows_belong_two_stops_below_the_reading(): void
    {
        // f/5.6, 1/125, ISO 100 is EV 12; shadows read at 10 lie two stops down.
        $this->assertSame(Severity::Praise, $this->judge(10)?->severity);
        $this->assertSame(Severity::Fault, $this->judge(8)?->severity);
        $this->assertSame(Severity::Choice, $this->judge(12)?->severity);
    }

    public function test_slide_film_protects_highlights(): void
    {
        $this->assertNull($this->judge(8, 'slide'));
    }

    private function judge(float $shadows, string $kind = 'black-and-white'): ?Finding
    {
        return (new FilmShadowPlacement())->judge(
            Situations::make(
                n: 5.6,
                t: 1 / 125,
                iso: 100,
                kit: Situations::kit(more: ['film' => ['boxSpeed' => 100, 'kind' => $kind]]),
                plan: new Plan(readings: new LightReadings(shadow: Ev100::of($shadows))),
            ),
        );
    }
}
