<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FilmExpired;

final class FilmExpiredTest extends TestCase
{
    public function test_ten_years_want_a_stop(): void
    {
        $this->assertEqualsWithDelta(-1.0, $this->judge(100)?->evidence[0]->margin, 1e-9);
        $this->assertStringContainsString('ISO 50', $this->judge(100)->sentence);
    }

    public function test_given_already_or_fresh(): void
    {
        $this->assertNull($this->judge(50));
        $this->assertNull($this->judge(100, 0));
    }

    private function judge(float $index, float $years = 10): ?Finding
    {
        return (new FilmExpired())->judge(
            Situations::make(
                iso: $index,
                kit: Situations::kit(more: ['film' => ['boxSpeed' => 100, 'yearsExpired' => $years]]),
            ),
        );
    }
}
