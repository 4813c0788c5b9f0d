<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\EdgePull;

final class EdgePullTest extends TestCase
{
    public function test_the_strongest_patch_is_named_with_its_place(): void
    {
        $finding = (new EdgePull())->judge(
            Situations::make(
                composition: [
                    'edges' => [
                        ['side' => 'top', 'from' => 0.1, 'to' => 0.13, 'kind' => 'bright', 'strength' => 0.5],
                        ['side' => 'right', 'from' => 0.1, 'to' => 0.3, 'kind' => 'saturated', 'strength' => 0.9],
                    ],
                ],
            ),
        );

        $this->assertStringContainsString(
            'strongly coloured patch at the upper part of the right edge',
            (string) $finding?->sentence,
        );
        $this->assertEqualsWithDelta(0.18, $finding->evidence[0]->value, 1e-9);
    }

    public function test_clean_edges(): void
    {
        $this->assertNull(
            (new EdgePull())->judge(
                Situations::make(
                    composition: [
                        'edges' => [
                            ['side' => 'top', 'from' => 0.1, 'to' => 0.13, 'kind' => 'bright', 'strength' => 0.5],
                        ],
                    ],
                ),
            ),
        );
        $this->assertNull((new EdgePull())->judge(Situations::make(composition: [])));
    }
}
