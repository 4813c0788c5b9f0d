<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\WindOnFoliage;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class WindOnFoliageTest extends TestCase
{
    public function test_a_long_time_with_leaves(): void
    {
        $this->assertEqualsWithDelta(
            -4.0,
            (new WindOnFoliage())->judge(
                Situations::make(t: 1 / 8, intent: new Intent(contents: new IntendedContents(foliage: true))),
            )?->evidence[0]->margin,
            0.05,
        );
    }

    public function test_a_short_one_or_no_leaves(): void
    {
        $this->assertNull(
            (new WindOnFoliage())->judge(
                Situations::make(t: 1 / 125, intent: new Intent(contents: new IntendedContents(foliage: true))),
            ),
        );
        $this->assertNull((new WindOnFoliage())->judge(Situations::make(t: 1 / 8)));
    }
}
