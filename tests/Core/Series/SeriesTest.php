<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use Tests\Core\Situations;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;

final class SeriesTest extends TestCase
{
    public function test_frames_stand_in_the_order_they_were_taken(): void
    {
        $series = Series::of(Situations::frames([[8, 1 / 125, 100, 9], [8, 1 / 500, 100, 0], [8, 1 / 30, 100, 20]]));

        $this->assertSame(
            [1 / 500, 1 / 125, 1 / 30],
            array_map(fn ($frame) => $frame->exposure->exposureTime->nominal(), $series->frames ?? []),
        );
        $this->assertEqualsWithDelta(11.0, $series?->longestGap(), 0.01);
        foreach ($series->steps() as $step) {
            $this->assertEqualsWithDelta(2.0, $step, 1e-9);
        }
    }

    public function test_its_kind_shows_in_what_moves(): void
    {
        $kind = fn (array $frames): ?SeriesKind => Series::of(Situations::frames($frames))?->kind();

        $this->assertSame(
            SeriesKind::Bracket,
            $kind([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]]),
        );
        $this->assertSame(SeriesKind::OneVariable, $kind([[4, 1 / 125, 100, 0], [8, 1 / 125, 100, 30]]));
        $this->assertSame(SeriesKind::EqualExposures, $kind([[4, 1 / 500, 100, 0], [8, 1 / 125, 100, 30]]));
        $this->assertSame(
            SeriesKind::OneVariable,
            Series::of(
                Situations::frames([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1]]),
                SeriesKind::OneVariable,
            )?->kind(),
            'the brief\'s word counts',
        );
    }

    public function test_engraved_values_of_one_setting_do_not_move(): void
    {
        // 1/60 and its exact 1/64 are one setting.
        $series = Series::of(Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 64, 100, 1]]));

        $this->assertSame([], $series?->moving());
    }

    public function test_one_frame_or_a_frame_without_settings_is_no_series(): void
    {
        $frames = Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 30, 100, 1]]);

        $this->assertNull(Series::of([$frames[0]]));
        $this->assertNull(Series::of([$frames[0], Parts::changed($frames[1], iso: null)]));
        $this->assertNull(Series::of([Parts::changed($frames[0], takenAt: null), $frames[1]])?->longestGap());
    }

    public function test_direction(): void
    {
        $this->assertTrue(
            Series::of(
                Situations::frames([[4, 1 / 60, 100, 0], [5.6, 1 / 60, 100, 1], [8, 1 / 60, 100, 2]]),
            )?->isMonotonic('aperture'),
        );
        $this->assertFalse(
            Series::of(
                Situations::frames([[4, 1 / 60, 100, 0], [8, 1 / 60, 100, 1], [5.6, 1 / 60, 100, 2]]),
            )?->isMonotonic('aperture'),
        );
    }
}
