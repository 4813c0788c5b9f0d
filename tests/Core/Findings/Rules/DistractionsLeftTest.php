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
        $this->assertStringContainsString('crop to 4:5 loses it and keeps 53 %', $found->sentence);
        $this->assertStringContainsString(
            'No crop',
            (string) (new DistractionsLeft())->judge(
                Situations::make(composition: ['crops' => [[...$crop, 'distractionsPct' => 40.0]]], marks: $marks),
            )?->sentence,
        );
        $this->assertNull((new DistractionsLeft())->judge(Situations::make(composition: ['crops' => [$crop]])));
    }

    public function test_they_are_named_and_the_ways_out_come_in_the_order_of_the_field(): void
    {
        $says = fn (array ...$distractions): string => (string) (new DistractionsLeft())->judge(Situations::make(
            composition: ['crops' => []],
            marks: ['distractions' => array_map(
                fn (array $one): array => ['x' => 0.9, 'y' => 0.1, 'attentionPct' => 3.0, 'tried' => [], ...$one],
                $distractions,
            )],
        ))?->sentence;

        $this->assertStringContainsString(
            'The pole takes 3.0 % of what draws the eye. Against the pole: a step aside, or nearer.',
            $says(['what' => 'pole']),
        );
        // What takes most is dealt with first, and what was tried is not said again.
        $this->assertStringContainsString(
            'The pole and 2 bright patches take 11.0 % of what draws the eye. You tried 2 ways; what is left against '.
                'the bright patch: further back, with a longer lens, or round to another side.',
            $says(
                ['what' => 'pole'],
                ['what' => 'bright', 'attentionPct' => 5.0, 'tried' => ['aside', 'nearer']],
                ['what' => 'bright'],
            ),
        );
        // A fence is looked through; nobody waits until a fence has gone.
        $this->assertStringContainsString('through it', $says(['what' => 'fence', 'tried' => ['aside', 'nearer']]));
        $this->assertStringNotContainsString('wait', $says(['what' => 'fence', 'tried' => [
            'aside', 'nearer', 'back', 'through',
        ]]));
        $this->assertStringContainsString('ask, or move it', $says(['what' => 'person', 'tried' => [
            'aside', 'nearer', 'back', 'round',
        ]]));
        $this->assertStringContainsString('You tried everything', $says(['what' => 'pole', 'tried' => [
            'aside', 'nearer', 'back', 'round', 'behind', 'later',
        ]]));
        // Marks of before had no names.
        $this->assertStringContainsString('2 distractions take', $says([], []));
    }
}
