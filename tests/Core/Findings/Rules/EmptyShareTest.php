<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\EmptyShare;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class EmptyShareTest extends TestCase
{
    public function test_half_the_frame_is_sky(): void
    {
        $finding = (new EmptyShare())->judge(Situations::make(composition: $this->sky(52.0)));

        $this->assertStringContainsString(
            '52 % of the frame is empty brightness along the top',
            (string) $finding?->sentence,
        );
        $this->assertStringContainsString('crop to 2:1', $finding->sentence);
    }

    public function test_a_little_sky_or_a_subject_meant_to_be_alone(): void
    {
        $this->assertNull((new EmptyShare())->judge(Situations::make(composition: $this->sky(20.0))));
        $this->assertNull(
            (new EmptyShare())->judge(
                Situations::make(composition: $this->sky(52.0), intent: new Intent(idea: Idea::Isolation)),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function sky(float $share): array
    {
        return [
            'plain' => [['kind' => 'bright', 'sharePct' => $share, 'side' => 'top']],
            'crops' => [
                [
                    'ratio' => '2:1',
                    'x' => 0.0,
                    'y' => 0.25,
                    'width' => 1.0,
                    'height' => 0.75,
                    'keptPct' => 75.0,
                    'attentionPct' => 92.0,
                ],
            ],
        ];
    }
}
