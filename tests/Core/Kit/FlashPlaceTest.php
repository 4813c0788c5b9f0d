<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Kit\FlashPlace;

final class FlashPlaceTest extends TestCase
{
    public function test_at_forty_five_degrees_the_shadow_lies_as_far_aside_as_the_wall_is_behind(): void
    {
        $this->assertEqualsWithDelta(
            ['aside' => 1.5, 'below' => 0.0],
            (new FlashPlace(2.0, 45.0, 0.0))->shadow(1.5),
            1e-9,
        );
        // The left throws it as far as the right does, and from below it goes up.
        $this->assertEqualsWithDelta(1.5, (new FlashPlace(2.0, -45.0, 0.0))->shadow(1.5)['aside'] ?? null, 1e-9);
        $this->assertLessThan(0.0, (new FlashPlace(2.0, 0.0, -20.0))->shadow(1.0)['below'] ?? null);
    }

    public function test_a_grazing_light_draws_no_shadow_on_the_wall_and_one_from_behind_lights_none(): void
    {
        $this->assertNotNull((new FlashPlace(1.0, 80.0))->shadow(1.0));
        $this->assertNull((new FlashPlace(1.0, 80.1))->shadow(1.0));
        $this->assertNotNull((new FlashPlace(1.0, 89.0, 0.0))->wallUnder(1.0));
        $this->assertNull((new FlashPlace(1.0, 91.0, 0.0))->wallUnder(1.0));
    }

    public function test_a_wall_as_far_behind_as_the_flash_is_in_front_gets_two_stops_less(): void
    {
        $this->assertEqualsWithDelta(2.0, (new FlashPlace(1.5, 0.0, 0.0))->wallUnder(1.5), 1e-9);
        $this->assertEqualsWithDelta(0.0, (new FlashPlace(1.5, 30.0, 20.0))->wallUnder(0.0), 1e-9);
    }

    #[DataProvider('places')]
    public function test_what_its_light_does_to_a_face(float $side, float $height, string $says): void
    {
        $this->assertStringStartsWith($says, (new FlashPlace(1.0, $side, $height))->look());
    }

    /** @return iterable<array{float, float, string}> on both sides of each limit */
    public static function places(): iterable
    {
        yield [19.0, 19.0, 'from the front'];
        yield [19.0, 21.0, 'from above'];
        yield [21.0, 10.0, 'from the side'];
        yield [-60.0, 30.0, 'from the side'];
        yield [61.0, 30.0, 'from far at the side'];
        yield [99.0, 30.0, 'from far at the side'];
        yield [100.0, 30.0, 'from behind'];
        yield [0.0, -21.0, 'from below'];
    }

    /** @param  array{float, float, float}  $place */
    #[DataProvider('absurd')]
    public function test_what_cannot_be_is_refused(array $place): void
    {
        $this->expectException(InvalidExposure::class);

        new FlashPlace(...$place);
    }

    /** @return iterable<array{array{float, float, float}}> */
    public static function absurd(): iterable
    {
        yield [[0.0, 0.0, 0.0]];
        yield [[1.0, 181.0, 0.0]];
        yield [[1.0, 0.0, 90.0]];
    }
}
