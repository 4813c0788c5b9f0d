<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\Layers;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class LayersTest extends TestCase
{
    public function test_each_layer_is_told_with_what_it_takes(): void
    {
        $finding = $this->judge(['near' => -2.0, 'middle' => 0.0, 'far' => 1.0]);

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString(
            'The near layer takes 30 % of the frame at −2 from mid-grey',
            $finding->sentence,
        );
        $this->assertStringContainsString('They part by their tones.', $finding->sentence);
    }

    public function test_depth_that_was_meant_needs_something_near(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(['near' => -2.0, 'far' => 1.0], Idea::Depth)?->severity);
        $none = $this->judge(['middle' => 0.0, 'far' => 1.0], Idea::Depth);
        $this->assertSame(Severity::Weakness, $none?->severity);
        $this->assertStringContainsString('nothing near leads into it', $none->sentence);
        $this->assertStringContainsString(
            'Is the distance the point of it?',
            (string) $this->judge(['middle' => 0.0, 'far' => 1.0])?->sentence,
        );
    }

    public function test_neighbours_of_one_tone_run_into_each_other(): void
    {
        $step = Thresholds::LAYERS_PART;
        $this->assertStringContainsString(
            'They part',
            (string) $this->judge(['near' => 0.0, 'far' => $step])?->sentence,
        );
        $close = $this->judge(['near' => -2.0, 'middle' => 0.0, 'far' => $step - 0.01], Idea::Depth);
        $this->assertStringContainsString('run into each other', (string) $close?->sentence);
        $this->assertSame(Severity::Choice, $close?->severity);
    }

    public function test_one_layer_is_none(): void
    {
        $this->assertNull($this->judge(['near' => 0.0]));
        $this->assertNull((new Layers())->judge(Situations::make(composition: [])));
    }

    /** @param  array<string, float>  $stops  mean tones by layer */
    private function judge(array $stops, ?Idea $idea = null): ?Finding
    {
        return (new Layers())->judge(Situations::make(
            composition: [],
            intent: new Intent(idea: $idea),
            marks: ['layers' => array_map(
                fn (string $kind, float $mean): array => [
                    'kind' => $kind, 'sharePct' => 30.0, 'meanStops' => $mean, 'attentionPct' => 10.0,
                ],
                array_keys($stops),
                $stops,
            )],
        ));
    }
}
