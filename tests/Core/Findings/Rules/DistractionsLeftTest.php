<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\DistractionsLeft;
use TruePupil\Core\Findings\Severity;

final class DistractionsLeftTest extends TestCase
{
    public function test_a_crop_that_loses_them_and_none(): void
    {
        $marks = ['distractions' => [['x' => 0.95, 'y' => 0.1, 'attentionPct' => 6.0]]];
        $crop = [
            'ratio' => '4:5',
            'x' => 0.1,
            'y' => 0.0,
            'width' => 0.53,
            'height' => 1.0,
            'keptPct' => 53.0,
            'attentionPct' => 70.0,
            'distractionsPct' => 0.0,
        ];
        $found = (new DistractionsLeft())->judge(Situations::make(composition: ['crops' => [$crop]], marks: $marks));

        $this->assertSame(Severity::Weakness, $found?->severity);
        $this->assertStringContainsString('crop to 4:5 loses them and keeps 53 %', $found->sentence);
        $this->assertStringContainsString(
            'No crop',
            (string) (new DistractionsLeft())->judge(
                Situations::make(composition: ['crops' => [[...$crop, 'distractionsPct' => 40.0]]], marks: $marks),
            )?->sentence,
        );
        $this->assertNull((new DistractionsLeft())->judge(Situations::make(composition: ['crops' => [$crop]])));
    }
}
