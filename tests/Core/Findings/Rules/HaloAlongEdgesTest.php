<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\HaloAlongEdges;

final class HaloAlongEdgesTest extends TestCase
{
    public function test_a_glow(): void
    {
        $finding = (new HaloAlongEdges())->judge(Situations::make(colour: ['halo' => 0.12]));

        $this->assertStringContainsString('by 12 % of the step', (string) $finding?->sentence);
        $this->assertEqualsWithDelta(-5.0, $finding->evidence[0]->margin, 1e-9);
    }

    public function test_clean_edges_or_none(): void
    {
        $this->assertNull((new HaloAlongEdges())->judge(Situations::make(colour: ['halo' => 0.03])));
        $this->assertNull((new HaloAlongEdges())->judge(Situations::make(colour: ['halo' => null])));
        $this->assertNull((new HaloAlongEdges())->judge(Situations::make()));
    }
}
