<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Drawings\PupilDrawing;
use App\View\Drawings\ToneStrip;
use App\View\Presenters\RecordRow;
use App\View\Presenters\RecordTable;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Capture\RecordNormaliser;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;

/** The geometry of the drawings, and that their text says the same. */
final class ViewModelsTest extends TestCase
{
    public function test_the_strip_marks_subject_and_place_where_they_lie_on_the_axis(): void
    {
        $strip = ToneStrip::of(Situations::make(subject: -1.0)->measures, Stops::of(4 / 3));
        $ticks = array_column($strip->ticks(), 'x', 'label');

        $this->assertEqualsWithDelta($ticks['−1'], $strip->placed()['x'], 0.5);
        $this->assertSame('−1', $strip->placed()['label']);
        $this->assertGreaterThan($ticks['+1'], $strip->wanted()['x']);
        $this->assertLessThan($ticks['+2'], $strip->wanted()['x']);
        // A third of a stop either way, on an axis with a tick a stop.
        $this->assertEqualsWithDelta(
            (2 / 3) * ($ticks['+2'] - $ticks['+1']),
            $strip->wanted()['right'] - $strip->wanted()['left'],
            0.2,
        );
        $this->assertSame('V', array_column($strip->ticks(), 'zone', 'label')['grey']);
    }

    public function test_its_peak_stands_where_the_pixels_are(): void
    {
        $strip = ToneStrip::of(Situations::make(subject: -2.0)->measures, null);
        preg_match_all('/([\d.]+),([\d.]+)/', (string) $strip->subjectLine(), $points, PREG_SET_ORDER);
        usort($points, fn (array $a, array $b): int => (float) $a[2] <=> (float) $b[2]);
        $ticks = array_column($strip->ticks(), 'x', 'label');

        $this->assertEqualsWithDelta($ticks['−2'], (float) $points[0][1], ($ticks['−1'] - $ticks['−2']) / 3);
        $this->assertNull($strip->wanted());
    }

    public function test_small_losses_show_and_large_ones_stay_within_their_column(): void
    {
        $strip = ToneStrip::of(Situations::make()->measures, null);

        $this->assertSame(0.0, $strip->columnHeight(0.0));
        $this->assertGreaterThan(5.0, $strip->columnHeight(0.1));
        $this->assertEqualsWithDelta($strip->base() - $strip->top(), $strip->columnHeight(60.0), 1e-9);
    }

    public function test_the_table_says_what_the_drawing_shows(): void
    {
        $rows = array_column(
            ToneStrip::of(Situations::make(subject: 1.0, lostPct: 3.2)->measures, null)->table(),
            null,
            0,
        );

        $this->assertSame('+1', $rows['mean, stops from mid-grey'][2]);
        $this->assertSame('3.2 %', str_replace("\u{a0}", ' ', $rows['lost highlights'][2]));
        $none = array_column(ToneStrip::of(Situations::make(subject: null)->measures, null)->table(), 2, 0);
        $this->assertSame(['–'], array_values(array_unique($none)));
    }

    public function test_the_pupil_is_drawn_in_millimetres_inside_the_widest(): void
    {
        $pupil = PupilDrawing::of(
            new CaptureRecord(
                exposure: new RecordedExposure(fNumber: Aperture::of(4)),
                lens: new RecordedLens(focalLength: 50.0, widestFNumber: 2.0),
            ),
        );

        $this->assertEqualsWithDelta([12.5, 25.0, 27.0], [$pupil?->diameter, $pupil?->widest, $pupil?->box()], 0.01);
        $this->assertStringContainsString('a pupil 12.5 mm across', $pupil->label);
        $this->assertNull(
            PupilDrawing::of(new CaptureRecord(exposure: new RecordedExposure(fNumber: Aperture::of(8)))),
        );
        $this->assertNull(
            PupilDrawing::of(
                new CaptureRecord(
                    exposure: new RecordedExposure(fNumber: Aperture::of(2)),
                    lens: new RecordedLens(focalLength: 50.0, widestFNumber: 2.8),
                ),
            )?->widest,
            'a widest that is narrower than the aperture is no widest',
        );
    }

    public function test_the_record_table_asks_only_for_what_a_student_can_know(): void
    {
        $rows = RecordTable::rows((new RecordNormaliser())->normalise(['FNumber' => 4]));
        $asked = array_map(
            fn (RecordRow $row): string => $row->field,
            array_filter($rows, fn (RecordRow $row): bool => $row->asked && $row->value === null),
        );

        $this->assertSame(
            ['exposureTime', 'iso', 'mode', 'compensation', 'focalLength', 'focalLength35', 'support', 'origin'],
            array_values($asked),
        );
        $this->assertSame('ƒ/4', $rows[0]->value);
        $this->assertSame('from the file', $rows[0]->source?->label());
    }
}
