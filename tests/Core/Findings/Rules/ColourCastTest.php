<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ColourCast;

final class ColourCastTest extends TestCase
{
    public function test_warm_cold_green_and_magenta(): void
    {
        $casts = [
            'warm' => [0.6, 0.0],
            'cold' => [-0.6, 0.0],
            'green' => [0.1, 0.4],
            'magenta' => [0.1, -0.4],
        ];
        foreach ($casts as $name => [$warm, $green]) {
            $this->assertStringContainsString(
                ' is '.$name,
                (string) $this->judge(['warm' => $warm, 'green' => $green])?->sentence,
            );
        }
    }

    public function test_neutral_or_nothing_to_tell_by(): void
    {
        $this->assertNull($this->judge(['warm' => 0.2, 'green' => 0.05]));
        $this->assertNull($this->judge(null));
    }

    /** @param  ?array{warm: float, green: float}  $cast */
    private function judge(?array $cast): ?Finding
    {
        return (new ColourCast())->judge(Situations::make(colour: ['cast' => $cast]));
    }
}
