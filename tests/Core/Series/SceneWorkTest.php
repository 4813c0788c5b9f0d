<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\SceneChange;
use TruePupil\Core\Series\SceneFrame;
use TruePupil\Core\Series\SceneWork;

final class SceneWorkTest extends TestCase
{
    public function test_distance_follows_from_focal_length_and_the_size_of_the_subject(): void
    {
        // Twice as near makes it four times as large; twice the focal length undoes that.
        $near = new SceneWork([new SceneFrame(4.0, 50.0), new SceneFrame(16.0, 50.0)]);
        $zoomed = new SceneWork([new SceneFrame(4.0, 50.0), new SceneFrame(16.0, 100.0)]);

        $this->assertEqualsWithDelta(2.0, $near->distanceRatio(), 1e-9);
        $this->assertSame([SceneChange::Distance], $near->changes());
        $this->assertEqualsWithDelta(1.0, $zoomed->distanceRatio(), 1e-9);
        $this->assertSame([SceneChange::FocalLength], $zoomed->changes());
        $this->assertNull((new SceneWork([new SceneFrame(4.0), new SceneFrame(16.0, 50.0)]))->distanceRatio());
    }

    public function test_each_change_begins_at_its_limit(): void
    {
        $of = fn (SceneFrame ...$frames): array => (new SceneWork(array_values($frames)))->changes();

        $this->assertSame([], $of(new SceneFrame(focalLength35: 40.0), new SceneFrame(focalLength35: 49.9)));
        $this->assertSame(
            [SceneChange::FocalLength],
            $of(new SceneFrame(focalLength35: 40.0), new SceneFrame(focalLength35: 50.0)),
        );
        $this->assertSame([], $of(new SceneFrame(takenAt: 0), new SceneFrame(takenAt: 599)));
        $this->assertSame([SceneChange::Time], $of(new SceneFrame(takenAt: 600), new SceneFrame(takenAt: 0)));
        $this->assertSame([], $of(new SceneFrame(horizon: 0.5), new SceneFrame(horizon: 0.64)));
        $this->assertSame([SceneChange::Height], $of(new SceneFrame(horizon: 0.5), new SceneFrame(horizon: 0.66)));
    }

    public function test_the_place_has_changed_where_the_view_has_and_nothing_else(): void
    {
        [$one, $same, $other] = [$this->picture(1), $this->picture(1), $this->picture(2)];

        $moved = fn (GreyGrid $first, GreyGrid $second): ?bool => (new SceneWork([
            new SceneFrame(picture: $first),
            new SceneFrame(picture: $second),
        ]))->hasMoved();
        $this->assertTrue($moved($one, $other));
        $this->assertFalse($moved($one, $same));
        // From nearer by, the view is another one anyhow.
        $this->assertNull((new SceneWork([
            new SceneFrame(4.0, 50.0, picture: $one),
            new SceneFrame(16.0, 50.0, picture: $other),
        ]))->hasMoved());
        $this->assertNull((new SceneWork([new SceneFrame(), new SceneFrame()]))->hasMoved());
    }

    public function test_twins_are_named_the_later_after_the_earlier(): void
    {
        $frames = fn (int ...$seeds): SceneWork => new SceneWork(array_map(
            fn (int $seed): SceneFrame => new SceneFrame(picture: $this->picture($seed)),
            array_values($seeds),
        ));

        $this->assertSame([], $frames(1, 2, 3)->twins());
        $this->assertSame([[3, 1], [5, 1]], $frames(1, 2, 1, 3, 1)->twins());
    }

    public function test_lights_and_ways_of_looking_count_where_two_frames_say(): void
    {
        $work = new SceneWork([
            new SceneFrame(facing: 'left', light: 'side', subjectStops: -0.5),
            new SceneFrame(facing: 'left', light: 'back', subjectStops: 1.0),
            new SceneFrame(),
        ]);

        $this->assertSame([1, 2], [$work->facings(), $work->lights()]);
        $this->assertEqualsWithDelta(1.5, $work->subjectRange(), 1e-9);
        $this->assertNull((new SceneWork([new SceneFrame(light: 'side'), new SceneFrame()]))->lights());
        $this->assertNull((new SceneWork([new SceneFrame(subjectStops: 0.0)]))->subjectRange());
    }

    public function test_the_horizon_crosses_a_subject_as_high_as_the_camera_stands(): void
    {
        $marks = fn (float $left, float $right): Marks => new Marks(
            Region::of(0.4, 0.2, 0.2, 0.6),
            [Mark::of(MarkKind::Horizon, [[0.0, $left], [1.0, $right]])],
        );

        // At its foot, in its middle, over its head; a horizon that leans counts where it crosses it.
        $this->assertEqualsWithDelta(0.0, $marks(0.8, 0.8)->cameraHeight(), 1e-9);
        $this->assertEqualsWithDelta(0.5, $marks(0.5, 0.5)->cameraHeight(), 1e-9);
        $this->assertEqualsWithDelta(7 / 6, $marks(0.1, 0.1)->cameraHeight(), 1e-9);
        $this->assertEqualsWithDelta(0.5, $marks(0.4, 0.6)->cameraHeight(), 1e-9);
        $this->assertNull((new Marks(Region::of(0.4, 0.2, 0.2, 0.6)))->cameraHeight());
        $this->assertNull((new Marks(null, [Mark::of(MarkKind::Horizon, [[0, 0.5], [1, 0.5]])]))->cameraHeight());
    }

    /** Blots that no shift brings onto those of another seed. */
    private function picture(int $seed): GreyGrid
    {
        mt_srand($seed);
        $cells = array_fill(0, 96 * 64, 40.0);
        for ($blot = 0; $blot < 30; $blot++) {
            [$x, $y] = [mt_rand(0, 83), mt_rand(0, 53)];
            for ($i = 0; $i < 100; $i++) {
                $cells[($y + intdiv($i, 10)) * 96 + $x + $i % 10] = 200.0;
            }
        }

        return GreyGrid::of(96, 64, $cells);
    }
}
