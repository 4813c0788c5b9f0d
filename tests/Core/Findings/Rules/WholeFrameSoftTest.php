<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\WholeFrameSoft;

final class WholeFrameSoftTest extends TestCase
{
    public function test_shaken_where_the_time_was_long_and_blur_has_a_direction(): void
    {
        $this->assertStringContainsString(
            'the camera moved during 1/10 s',
            (string) $this->judge(['sharpness' => 0.1, 'directional' => 1.4], 1 / 10)?->sentence,
        );
    }

    public function test_out_of_focus_where_it_has_none(): void
    {
        $this->assertStringContainsString(
            'evenly soft',
            (string) $this->judge(['sharpness' => 0.1, 'directional' => 0.1])?->sentence,
        );
    }

    public function test_crisp_somewhere_or_too_plain_to_judge(): void
    {
        $this->assertNull($this->judge(['sharpness' => 0.5]));
        $this->assertNull($this->judge(['sharpness' => 0.1, 'confidence' => 0.1]));
    }

    /** @param  array<string, mixed>  $focus */
    private function judge(array $focus, float $time = 1 / 100): ?Finding
    {
        return (new WholeFrameSoft())->judge(Situations::make(t: $time, focus: $focus));
    }
}
