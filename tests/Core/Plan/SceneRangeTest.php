<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Film\Film;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Plan\SceneRange;
use TruePupil\Core\Series\TwoSpots;

final class SceneRangeTest extends TestCase
{
    public function test_a_common_sensor_holds_the_shade_of_a_bright_day_and_not_a_room_with_its_window(): void
    {
        $day = SceneRange::ofSensor(self::spots(8, 15), null);
        $this->assertCount(1, $day->exposures);
        // The bright place lies as far above mid-grey as a plain rendering goes: log2(1/0.18).
        $this->assertEqualsWithDelta(15 - log(1 / 0.18, 2), $day->exposures[0]->value, 1e-6);
        $this->assertStringContainsString('One frame holds it', $day->sentence());

        $room = SceneRange::ofSensor(self::spots(-2, 15), null);
        $this->assertGreaterThan(1, count($room->exposures));
        $this->assertEqualsWithDelta(2.0, $room->exposures[0]->value - $room->exposures[1]->value, 1e-9);
        $this->assertStringContainsString(
            sprintf('It takes %d frames, 2 stops apart', count($room->exposures)),
            $room->sentence(),
        );
        // One frame fewer would not do.
        $missing = 17 - $room->holds->value;
        $this->assertSame((int) ceil($missing / 2) + 1, count($room->exposures));
    }

    public function test_negatives_are_set_for_the_dark_place_and_slides_for_the_bright_one(): void
    {
        $negative = SceneRange::ofFilm(self::spots(6, 14), self::film(FilmKind::Negative));
        $this->assertSame(9.0, $negative->exposures[0]->value, 'the dark place three stops below mid-grey');
        $this->assertSame(0.0, $negative->over->value);

        $slide = SceneRange::ofFilm(self::spots(6, 14), self::film(FilmKind::Slide));
        $this->assertSame(11.5, $slide->exposures[0]->value, 'the bright place two and a half above');
        $this->assertEqualsWithDelta(3.0, $slide->over->value, 1e-9);
        $this->assertStringContainsString('it loses 3 stops at the other end', $slide->sentence());
    }

    public function test_at_the_edge_of_what_a_film_holds_nothing_is_lost_and_beyond_it_something_is(): void
    {
        $holds = fn (float $dark): string => SceneRange::ofFilm(self::spots($dark, 14), self::film(FilmKind::Slide))
            ->sentence();
        $this->assertStringContainsString('One frame holds it', $holds(9.0));
        $this->assertStringContainsString('it loses', $holds(8.66));
    }

    private static function spots(float $dark, float $bright): TwoSpots
    {
        return new TwoSpots(Ev100::of($dark), Ev100::of($bright));
    }

    private static function film(FilmKind $kind): Film
    {
        return new Film('Kilnyard 100', Iso::of(100), $kind);
    }
}
