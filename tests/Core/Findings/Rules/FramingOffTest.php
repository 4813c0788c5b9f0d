<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FramingOff;
use TruePupil\Core\Intent\Intent;

final class FramingOffTest extends TestCase
{
    public function test_a_wide_lens_where_a_long_one_was_planned(): void
    {
        $finding = (new FramingOff())->judge(
            Situations::make(focalLength: 50, kit: Situations::kit(), intent: new Intent(focalLength35: 200)),
        );

        $this->assertSame([50.0, 200.0], [$finding?->evidence[0]->value, $finding->evidence[0]->limit]);
        $this->assertStringContainsString('Marlpit 200 mm', $finding->sentence);
    }

    public function test_near_enough(): void
    {
        $this->assertNull(
            (new FramingOff())->judge(Situations::make(focalLength: 50, intent: new Intent(focalLength35: 55))),
        );
    }
}
