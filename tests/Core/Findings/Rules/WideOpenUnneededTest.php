<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\WideOpenUnneeded;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;

final class WideOpenUnneededTest extends TestCase
{
    public function test_three_stops_to_spare(): void
    {
        $finding = (new WideOpenUnneeded())->judge(Situations::make(n: 1.8, t: 1 / 1000));

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertSame('ƒ/2.5, 1/500 s, ISO 100', (string) $finding->suggestion?->exposure->settings);
    }

    public function test_where_it_is_the_point_or_there_is_no_room(): void
    {
        $this->assertNull((new WideOpenUnneeded())->judge(Situations::make(n: 1.8, t: 1 / 100)));
        $this->assertNull(
            (new WideOpenUnneeded())->judge(
                Situations::make(
                    n: 1.8,
                    t: 1 / 1000,
                    intent: new Intent(distances: new IntendedDistances(subject: 2, background: 9, separation: 3)),
                ),
            ),
        );
        $this->assertNull((new WideOpenUnneeded())->judge(Situations::make(n: 2.8, t: 1 / 1000)));
        $this->assertNull(
            (new WideOpenUnneeded())->judge(
                Situations::make(n: 1.8, t: 1 / 2000, focalLength: 4.2, record: ['focalLength35' => 26.0]),
            ),
            'a phone has no other aperture',
        );
    }
}
