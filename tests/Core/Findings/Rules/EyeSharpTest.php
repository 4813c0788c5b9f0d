<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\EyeSharp;
use TruePupil\Core\Findings\Severity;

final class EyeSharpTest extends TestCase
{
    public function test_an_eye_is_crisp_soft_or_softer_than_the_face_round_it(): void
    {
        $this->assertSame(Severity::Praise, $this->judge([])?->severity);
        $soft = $this->judge(['sharpness' => 0.2]);
        $this->assertSame(Severity::Fault, $soft?->severity);
        $this->assertStringContainsString('lower right', $soft->sentence);
        $this->assertStringContainsString('30 %', (string) $this->judge(['ratio' => 0.3])?->sentence);
    }

    public function test_nothing_is_said_in_between_or_where_all_is_blurred(): void
    {
        $this->assertNull($this->judge(['sharpness' => 0.48]));
        $this->assertNull($this->judge(['ratio' => 0.8]));
        $this->assertNull($this->judge(null));
        $this->assertNull($this->judge(['sharpness' => 0.2], ['sharpness' => 0.3]));
        $smear = ['degrees' => 0.0, 'along' => 2.0, 'across' => 0.5];
        $this->assertNull($this->judge(['sharpness' => 0.2], ['smear' => $smear]));
    }

    /**
     * @param  ?array<string, mixed>  $eye
     * @param  array<string, mixed>  $focus
     */
    private function judge(?array $eye, array $focus = []): ?Finding
    {
        return (new EyeSharp())->judge(
            Situations::make(focus: ['eye' => $eye, 'sharpest' => ['x' => 0.9, 'y' => 0.9], ...$focus]),
        );
    }
}
