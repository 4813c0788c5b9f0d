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

    public function test_what_the_record_says_of_white_balance_is_said_with_it(): void
    {
        $with = fn (array $record): string => (string) (new ColourCast())->judge(
            Situations::make(colour: ['cast' => ['warm' => 0.6, 'green' => 0.0]], record: $record),
        )?->sentence;

        $this->assertStringContainsString('set to 5600 K', $with(['whiteBalance' => 'set', 'kelvin' => 5600]));
        $this->assertStringContainsString('set by hand', $with(['whiteBalance' => 'set']));
        $this->assertStringContainsString('The camera chose', $with(['whiteBalance' => 'auto', 'kelvin' => 4100]));
        $this->assertStringNotContainsString('was', $with([]), 'unknown is not guessed');
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
