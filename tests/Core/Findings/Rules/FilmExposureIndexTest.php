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

    public function test_a_rating_and_a_development_that_were_declared_are_kept_to(): void
    {
        $this->assertNotNull($this->judge(400, 'black-and-white'), 'two stops under, beyond what it forgives');
        $this->assertNull($this->judge(400, 'black-and-white', ['pushed' => 2]));
        $this->assertStringContainsString(
            'is pushed to ISO 400',
            (string) $this->judge(100, 'black-and-white', ['pushed' => 2])?->sentence,
        );
        $this->assertNull($this->judge(50, 'negative', ['exposureIndex' => 50]));
        $this->assertStringContainsString(
            'is rated at ISO 50',
            (string) $this->judge(64, 'negative', ['exposureIndex' => 50])?->sentence,
        );
        $this->assertNotNull($this->judge(200, 'slide', ['exposureIndex' => 200]), 'no slide forgives that');
    }

    /** @param  array<string, float>  $film */
    private function judge(float $index, string $kind, array $film = []): ?Finding
    {
        return (new FilmExposureIndex())->judge(
            Situations::make(
                iso: $index,
                kit: Situations::kit(
                    more: ['film' => ['name' => 'the roll', 'boxSpeed' => 100, 'kind' => $kind, ...$film]],
                ),
            ),
        );
    }

    public function test_what_age_asks_for_is_no_generosity(): void
    {
        // Twenty years at a stop a decade: ISO 400 exposed at 100.
        $of = fn (float $years, string $kind = 'black-and-white'): ?Finding => (new FilmExposureIndex())->judge(
            Situations::make(
                iso: 100,
                kit: Situations::kit(
                    more: [
                        'film' => [
                            'name' => 'a film',
                            'boxSpeed' => 400,
                            'kind' => $kind,
                            'yearsExpired' => $years,
                        ],
                    ],
                ),
            ),
        );

        $this->assertNotNull($of(0));
        $this->assertNull($of(20));
        $this->assertNotNull($of(20, 'slide'), 'a slide has no room for it');
    }
}
