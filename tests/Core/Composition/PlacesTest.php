<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use Tests\Core\Grids;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\Crops;
use TruePupil\Core\Composition\EdgeScan;
use TruePupil\Core\Composition\Ideas;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\PlainAreas;
use TruePupil\Core\Composition\Region;

/** Edges, plain areas, ideas and crops. */
final class PlacesTest extends TestCase
{
    public function test_a_bright_patch_at_the_edge_is_found_where_it_is(): void
    {
        $grid = Grids::grey(
            fn (float $x, float $y): float => $x > 0.96 && $y > 0.2 && $y < 0.4 ? 250.0 : 80.0,
            192,
            128,
        );
        $run = EdgeScan::of($grid)->runs[0];

        $this->assertSame(['right', 'bright'], [$run['side'], $run['kind']]);
        $this->assertEqualsWithDelta([0.2, 0.4], [$run['from'], $run['to']], 0.02);
        $this->assertSame([], EdgeScan::of(Grids::grey(fn (): float => 80.0, 96, 64))->runs);
        $this->assertSame(
            [],
            EdgeScan::of(Grids::grey(fn (float $x, float $y): float => $y < 0.5 ? 250.0 : 80.0, 96, 64))->runs,
            'a whole bright sky is no patch',
        );
    }

    public function test_a_patch_must_stand_out_by_far(): void
    {
        $patch = fn (float $code): array => EdgeScan::of(
            Grids::grey(fn (float $x, float $y): float => $x > 0.96 && $y > 0.2 && $y < 0.4 ? $code : 100.0, 192, 128),
        )->runs;

        $this->assertSame([], $patch(218.0), 'not far above the mean of the picture');
        $this->assertCount(1, $patch(228.0));
    }

    public function test_a_strong_colour_in_a_picture_full_of_it_is_what_it_is_made_of(): void
    {
        $grid = Grids::paint(
            fn (float $x, float $y): array => ($y > 0.96 && $x < 0.1) || ($x > 0.4 && $x < 0.6 && $y < 0.6)
                ? [220.0, 20.0, 30.0]
                : [100.0, 100.0, 100.0],
            192,
            128,
        );

        $this->assertSame([], EdgeScan::of($grid)->runs);
    }

    public function test_a_strong_colour_at_the_edge(): void
    {
        $grid = Grids::paint(
            fn (float $x, float $y): array => $y > 0.96 && $x < 0.1 ? [220.0, 20.0, 30.0] : [100.0, 100.0, 100.0],
            192,
            128,
        );

        $this->assertSame(
            ['bottom', 'saturated'],
            [EdgeScan::of($grid)->runs[0]['side'], EdgeScan::of($grid)->runs[0]['kind']],
        );
    }

    public function test_an_empty_sky_and_its_share(): void
    {
        $grid = Grids::grey(
            fn (float $x, float $y): float => $y < 0.4 ? 200.0 : 100 + 60 * sin(90 * $x) * sin(60 * $y),
            192,
            128,
        );
        $areas = PlainAreas::of($grid->grey())->areas;

        $this->assertCount(1, $areas);
        $this->assertSame(['bright', 'top'], [$areas[0]['kind'], $areas[0]['side']]);
        $this->assertEqualsWithDelta(40.0, $areas[0]['sharePct'], 2.0);
    }

    public function test_distances_from_ideas_in_percent_of_the_diagonal(): void
    {
        $at = fn (float $x, float $y): array => Ideas::distances(Region::of($x - 0.05, $y - 0.05, 0.1, 0.1), 1.5);

        $this->assertSame(0.0, $at(0.5, 0.5)['centre']);
        $this->assertEqualsWithDelta(0.0, $at(1 / 3, 2 / 3)['thirds'], 0.01);
        $this->assertEqualsWithDelta(0.0, $at(0.382, 0.618)['golden'], 0.05);
        $this->assertEqualsWithDelta(0.0, $at(0.25, 0.25)['diagonals'], 0.01);
        // A tenth of the width of a 3:2 frame is 0.15 of 1.803.
        $this->assertEqualsWithDelta((100 * 0.15) / hypot(1.5, 1), $at(0.6, 0.5)['centre'], 0.01);
    }

    public function test_crops_keep_the_subject_whole_and_have_their_shape(): void
    {
        $attention = Attention::of(
            Grids::grey(
                fn (float $x, float $y): float => hypot(($x - 0.8) * 1.5, $y - 0.5) < 0.06 ? 230.0 : 90.0,
                192,
                128,
            ),
        );
        $subject = Region::of(0.1, 0.3, 0.2, 0.3);
        foreach (Crops::best($attention, 1.5, new Marks($subject)) as $crop) {
            [$width, $height] = explode(':', $crop['ratio']);
            $this->assertEqualsWithDelta(
                (float) $width / (float) $height,
                ($crop['width'] * 1.5) / $crop['height'],
                0.01,
            );
            $this->assertLessThanOrEqual($subject->x + 1e-9, $crop['x']);
            $this->assertGreaterThanOrEqual($subject->x + $subject->width - 1e-4, $crop['x'] + $crop['width']);
        }
        $square = array_values(
            array_filter(Crops::best($attention, 1.5), fn (array $crop): bool => $crop['ratio'] === '1:1'),
        )[0];
        $this->assertGreaterThan(0.3, $square['x'], 'without a mark the crop goes where the eye goes');
        $this->assertNotContains('3:2', array_column(Crops::best($attention, 1.5), 'ratio'));
    }

    public function test_crops_lose_what_was_marked_as_a_distraction(): void
    {
        $attention = Attention::of(
            Grids::grey(
                fn (float $x, float $y): float => hypot($x - 0.4, $y - 0.5) < 0.1 || hypot($x - 0.95, $y - 0.1) < 0.04
                    ? 230.0
                    : 60.0,
                192,
                128,
            ),
        );
        $marks = new Marks(Region::of(0.3, 0.35, 0.2, 0.3), [
            Mark::of(MarkKind::Distraction, [[0.9, 0.02], [1.0, 0.18]]),
            Mark::of(MarkKind::Eye, [[0.4, 0.5]]),
        ]);
        $crops = Crops::best($attention, 1.5, $marks);

        $this->assertNotSame([], $crops);
        $this->assertSame(0.0, $crops[0]['distractionsPct']);
        $this->assertContains(
            '3:2',
            array_column($crops, 'ratio'),
            'the picture\'s own shape is a crop when it loses something',
        );
        foreach ($crops as $crop) {
            $this->assertTrue(
                $marks->isKeptBy(Region::of($crop['x'], $crop['y'], $crop['width'], $crop['height'])),
                $crop['ratio'],
            );
        }
    }
}
