<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\Exposing;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\HeadroomUnused;
use TruePupil\Core\Measures\RawMeasures;

final class HeadroomUnusedTest extends TestCase
{
    public function test_a_stop_and_more_of_room(): void
    {
        // Code 118 is mid-grey: white lies 2.47 stops above it.
        $finding = (new HeadroomUnused())->judge(
            Situations::make(
                wanted: null,
                frame: Situations::tones([40 => 500_000, 118 => 500_000]),
                approach: self::toTheRight(),
            ),
        );

        $this->assertEqualsWithDelta(2.47, $finding?->evidence[0]->value, 0.02);
        $this->assertNotNull($finding->otherView);
    }

    public function test_none_left_or_another_approach(): void
    {
        $this->assertNull(
            (new HeadroomUnused())->judge(
                Situations::make(
                    wanted: null,
                    frame: Situations::tones([40 => 500_000, 240 => 500_000]),
                    approach: self::toTheRight(),
                ),
            ),
        );
        $this->assertNull(
            (new HeadroomUnused())->judge(
                Situations::make(
                    wanted: null,
                    frame: Situations::tones([40 => 500_000, 118 => 500_000]),
                    approach: new Approach(),
                ),
            ),
        );
    }

    public function test_of_a_raw_file_the_sensor_says_it(): void
    {
        // The preview is white somewhere, and the sensor is a stop away from its end.
        $judge = fn (string $green): ?Finding => (new HeadroomUnused())->judge(
            Situations::make(
                wanted: null,
                frame: Situations::tones([40 => 500_000, 255 => 500_000]),
                approach: self::toTheRight(),
                raw: new RawMeasures(Situations::raw(['-4' => 100], [$green => 100], ['-3' => 100])),
            ),
        );

        $this->assertStringContainsString('You could have given 1 stop more', (string) $judge('-1')?->sentence);
        $this->assertStringContainsString('green would be full first', (string) $judge('-1')?->sentence);
        // Two thirds are worth it, and no more is named than there is.
        $this->assertStringContainsString('given ⅔ stop more', (string) $judge('-0.7')?->sentence);
        $this->assertStringContainsString('given ⅔ stop more', (string) $judge('-0.9')?->sentence);
        $this->assertNull($judge('-0.6'));
    }

    private static function toTheRight(): Approach
    {
        return new Approach(light: new ApproachToLight(exposing: Exposing::ToTheRight));
    }
}
