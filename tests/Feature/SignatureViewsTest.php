<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\MovementComb;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\SensorFormat;

/** The geometry of exposure map, depth ruler and movement comb, and that their text says the same. */
final class SignatureViewsTest extends TestCase
{
    public function test_the_map_puts_settings_where_they_lie_and_names_what_bars_a_cell(): void
    {
        $advice = KitAdviser::advise(
            new AdviceRequest(
                Ev100::of(10.0),
                Situations::kit(more: ['supports' => ['hand']]),
                new Intent(distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4), focalLength35: 50),
            ),
        );
        $map = ExposureMapDrawing::of($advice->map);
        $ticks = array_column($map?->apertureTicks() ?? [], 'x', 'label');
        $times = array_column($map?->timeTicks() ?? [], 'y', 'label');
        $point = $map?->points()[0];
        $cells = $map?->cells() ?? [];

        // A third either side of a whole stop is a third of the way between ticks.
        $this->assertEqualsWithDelta(3 * 15, $ticks['ƒ/4'] - $ticks['ƒ/2.8'], 0.2);
        $this->assertLessThan($times['1/30 s'], $times['1/250 s'], 'short times stand above long ones');
        $this->assertStringContainsString(
            (string) $advice->suggestions[0]->exposure->settings->aperture,
            $point['text'],
        );
        $column = array_search('ƒ/2', $cells['apertures'], true);
        $row = array_search('1/250 s', $cells['times'], true);
        $against = array_map(
            fn (int $index): string => $cells['zones'][$index]['label'],
            $cells['combinations'][$cells['grid'][$row][$column]],
        );
        $this->assertContains('not deep enough', $against);
        // EV 10 at ƒ/2 and 1/250 s is ISO 100.
        $this->assertSame('ISO 100', $cells['isos'][$column + $cells['firstTime'] - $row]);
        $this->assertContains('not deep enough', array_column($map?->table() ?? [], 0));
        $this->assertStringContainsString('suggestion 1 at', (string) $map?->summary());
    }

    public function test_a_diagonal_joins_cells_of_one_iso(): void
    {
        $map = ExposureMapDrawing::of(
            KitAdviser::advise(new AdviceRequest(Ev100::of(10.0), Situations::kit(), new Intent(focalLength35: 50)))
                ->map,
        );
        $line = array_column($map?->isoLines() ?? [], null, 'label')['ISO 100'];
        $ticks = array_column($map?->apertureTicks() ?? [], 'x', 'label');
        $times = array_column($map?->timeTicks() ?? [], 'y', 'label');
        // ƒ/4 at 1/60 s is ISO 100 here: the point lies on the line.
        $share = ($ticks['ƒ/4'] - $line['x1']) / ($line['x2'] - $line['x1']);

        $this->assertEqualsWithDelta($times['1/60 s'], $line['y1'] + $share * ($line['y2'] - $line['y1']), 0.5);
    }

    public function test_the_ruler_has_its_distances_in_order(): void
    {
        $ruler = DepthRuler::of(DepthOfField::of(50, 8, 3, 0.03), 3, 2.5, 4.0);
        $sharp = $ruler->sharp();

        $this->assertLessThan($ruler->focusX(), $sharp['x']);
        $this->assertGreaterThan($ruler->focusX(), $sharp['x'] + $sharp['width']);
        $this->assertGreaterThan($sharp['x'] + $sharp['width'], $ruler->hyperfocalX());
        $this->assertGreaterThan($sharp['x'], $ruler->wanted()['x']);
        $this->assertSame(['sharp from', '2.34 m'], $ruler->table()[1]);
        $this->assertTrue(DepthRuler::of(DepthOfField::of(16, 8, 2, 0.03), 2)->sharp()['open']);
        $this->assertStringContainsString(
            'to the horizon',
            DepthRuler::of(DepthOfField::of(16, 8, 2, 0.03), 2)->summary(),
        );
    }

    public function test_the_comb_has_a_tooth_a_stop_twice_as_long_as_the_one_before(): void
    {
        $comb = MovementComb::of(
            SubjectBlur::of(1.4, 0, 50, 5, SensorFormat::fullFrame()),
            0.03,
            used: ExposureTime::of(1 / 125),
        );
        $teeth = $comb->teeth();
        [$frozen, $sharp] = $comb->lines();
        $at = array_column($teeth, 'y', 'label');

        $this->assertCount(19, $teeth, '1/8000 s to 30 s');
        $this->assertGreaterThan($frozen['y'], $at['1/2000 s'], 'a short time stays below the line for frozen');
        $this->assertLessThan($sharp['y'], $at['1/30 s'], 'a long one passes the line for sharp enough');
        // Equal steps of stops are equal steps of height.
        $this->assertEqualsWithDelta($teeth[8]['y'] - $teeth[9]['y'], $teeth[9]['y'] - $teeth[10]['y'], 0.15);
        $this->assertStringContainsString('frozen up to 1/500 s', $comb->summary());
        $this->assertSame('1/125 s', $comb->used()['label']);
    }
}
