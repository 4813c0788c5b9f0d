<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FilmExposureIndex;
use TruePupil\Core\Findings\Severity;

final class FilmExposureIndexTest extends TestCase
{
    public function test_a_slide_a_stop_under(): void
    {
        $finding = $this->judge(200, 'slide');

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertEqualsWithDelta(-0.5, $finding->evidence[0]->margin, 1e-9);
    }

    public function test_negative_film_forgives_a_stop_more_light(): void
    {
        $this->assertSame(Severity::Choice, $this->judge(50, 'negative')?->severity);
        $this->assertNull($this->judge(100, 'slide'));
    }

    private function judge(float $index, string $kind): ?Finding
    {
        return (new FilmExposureIndex())->judge(
            Situations::make(
                iso: $index,
                kit: Situations::kit(more: ['film' => ['name' => 'the roll', 'boxSpeed' => 100, 'kind' => $kind]]),
            ),
        );
    }

    public function test_what_age_asks_for_is_no_generosity(): void
    {
        // Twenty years at a stop a decade: ISO 400 exposed at 100.
        $of = fn (float $years): ?Finding => (new FilmExposureIndex())->judge(
            Situations::make(
                iso: 100,
                kit: Situations::kit(
                    more: [
                        'film' => [
                            'name' => 'a film',
                            'boxSpeed' => 400,
                            'kind' => 'slide',
                            'yearsExpired' => $years,
                        ],
                    ],
                ),
            ),
        );

        $this->assertNotNull($of(0));
        $this->assertNull($of(20));
        $this->assertNotNull($of(10));
    }
}
