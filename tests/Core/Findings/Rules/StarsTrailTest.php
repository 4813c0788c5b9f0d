<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\StarsTrail;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Support;

final class StarsTrailTest extends TestCase
{
    public function test_the_pixel_rule_where_the_body_is_known(): void
    {
        // (35·1.78 + 30·6)/20 is 12.1 s.
        $finding = (new StarsTrail())->judge(
            Situations::make(
                n: 1.8,
                t: 30,
                iso: 1600,
                focalLength: 20,
                support: Support::Tripod,
                kit: Situations::kit(),
                intent: new Intent(contents: new IntendedContents(stars: true)),
            ),
        );

        $this->assertEqualsWithDelta(12.12, $finding?->evidence[0]->limit, 0.02);
        $this->assertSame(Severity::Fault, $finding->severity);
        $this->assertSame(10.0, $finding->suggestion?->exposure->settings->time->nominal());
    }

    public function test_the_rough_rule_without_it(): void
    {
        $this->assertSame(
            25.0,
            (new StarsTrail())->judge(
                Situations::make(
                    n: 1.8,
                    t: 60,
                    focalLength: 20,
                    intent: new Intent(contents: new IntendedContents(stars: true)),
                ),
            )?->evidence[0]->limit,
        );
        $this->assertNull(
            (new StarsTrail())->judge(
                Situations::make(
                    n: 1.8,
                    t: 20,
                    focalLength: 20,
                    intent: new Intent(contents: new IntendedContents(stars: true)),
                ),
            ),
        );
        $this->assertNull((new StarsTrail())->judge(Situations::make(n: 1.8, t: 60, focalLength: 20)));
    }
}
