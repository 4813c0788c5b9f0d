<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\NeitherNearNorFar;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class NeitherNearNorFarTest extends TestCase
{
    public function test_half_way(): void
    {
        $finding = $this->judge(0.4, 0.1);

        $this->assertStringContainsString(
            'at half the distance it takes about 32 %, at twice the distance 2 %',
            (string) $finding?->sentence,
        );
        $this->assertEqualsWithDelta(-2.0, $finding->evidence[0]->margin, 1e-9);
    }

    public function test_nothing_to_say(): void
    {
        $this->assertNull($this->judge(0.4, 0.13), 'it holds the picture');
        $this->assertNull($this->judge(0.1, 0.1), 'small on purpose, or another finding');
        $this->assertNull($this->judge(1.0, 0.1), 'near');
        $this->assertNull($this->judge(0.4, 0.1, new Intent(idea: Idea::Isolation)), 'an idea was declared');
        $this->assertNull($this->judge(0.4, null), 'never measured');
    }

    private function judge(float $height, ?float $held, Intent $intent = new Intent()): ?Finding
    {
        return (new NeitherNearNorFar())->judge(
            Situations::make(
                region: Region::of(0.4, 0.0, 0.2, $height),
                intent: $intent,
                composition: ['subjectAttention' => $held],
            ),
        );
    }
}
