<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\SunStar;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class SunStarTest extends TestCase
{
    public function test_too_wide_for_rays(): void
    {
        $finding = (new SunStar())->judge(
            Situations::make(n: 5.6, iso: 400, intent: new Intent(contents: new IntendedContents(sunStar: true))),
        );

        $this->assertEqualsWithDelta(-2.0, $finding?->evidence[0]->margin, 1e-9);
        $this->assertStringContainsString('never through an optical finder', $finding->sentence);
    }

    public function test_small_enough_or_not_wanted(): void
    {
        $this->assertNull(
            (new SunStar())->judge(
                Situations::make(n: 11, intent: new Intent(contents: new IntendedContents(sunStar: true))),
            ),
        );
        $this->assertNull((new SunStar())->judge(Situations::make(n: 2.8)));
    }
}
