<?php

declare(strict_types=1);

namespace Tests\Core\Measures;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Measures\EyeLight;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\Srgb;

final class EyeLightTest extends TestCase
{
    /** Stops from mid-grey of the face. */
    private const FACE = 0.5;

    public function test_the_white_of_the_eye_is_held_against_the_face(): void
    {
        foreach ([-2.0, -0.5, 0.4] as $white) {
            $light = EyeLight::of(self::eye($white), Stops::of(self::FACE));
            $this->assertEqualsWithDelta($white, $light->stops, 0.1);
            $this->assertFalse($light->hasCatchLight);
        }
    }

    public function test_a_light_mirrored_in_the_eye_is_told_from_its_white(): void
    {
        $this->assertTrue(EyeLight::of(self::eye(-0.5, glint: 1.6), Stops::of(self::FACE))->hasCatchLight);
        $this->assertFalse(
            EyeLight::of(self::eye(-2.5, glint: -0.5), Stops::of(self::FACE))->hasCatchLight,
            'a dim spot in a dark eye is no light',
        );
        $stored = EyeLight::of(self::eye(-0.5, glint: 1.6), Stops::of(self::FACE));
        $this->assertEquals($stored->toArray(), EyeLight::restore($stored->toArray())?->toArray());
        $this->assertNull(EyeLight::restore(null));
    }

    /**
     * A face with an eye in the middle: white, iris two and a half stops darker, and where asked a small light in it.
     *
     * @param  float  $white  stops over the face
     * @param  ?float  $glint  likewise
     */
    private static function eye(float $white, ?float $glint = null): ColourGrid
    {
        $code = fn (float $stops): float => 255 * Srgb::encoded(min(1.0, 0.18 * 2 ** (self::FACE + $stops)));

        return Grids::grey(
            fn (float $x, float $y): float => match (true) {
                $glint !== null && hypot($x - 0.53, $y - 0.47) < 0.025 => $code($glint),
                hypot($x - 0.5, $y - 0.5) < 0.055 => $code($white - 2.5),
                hypot($x - 0.5, $y - 0.5) < 0.13 => $code($white),
                default => $code(0.0),
            },
            60,
            60,
        );
    }
}
