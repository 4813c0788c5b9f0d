<?php

declare(strict_types=1);

namespace Tests\Core\Measures;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Measures\ExposureVerdict;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\PreviewOf;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Stored\MeasuresReading;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\ToneMeasures;

final class RawMeasuresTest extends TestCase
{
    public function test_where_the_sensor_ends_is_told_from_the_middle_tones_of_both(): void
    {
        // Mid-grey in the rendering lies three stops below the end of green.
        $raw = new RawMeasures($this->tones('-3'));

        $this->assertEqualsWithDelta(3.0, $raw->endFromMidGrey(Situations::tones([118 => 100])), 0.05);
        // A stop and more below white no curve follows the light any more, nor far down.
        $this->assertNull($raw->endFromMidGrey(Situations::tones([250 => 100])));
        $this->assertNull($raw->endFromMidGrey(Situations::tones([5 => 100])));
    }

    public function test_what_is_held_beyond_the_white_of_the_rendering(): void
    {
        $raw = new RawMeasures(
            Situations::raw(['-5' => 100], ['-4' => 90, '-1.35' => 2, '-0.2' => 8], ['-5' => 100]),
        );

        $this->assertEqualsWithDelta(1.35, $raw->heldBeyond($this->lost(0.1)), 1 / 16);
        $this->assertEqualsWithDelta(0.2, $raw->heldBeyond($this->lost(0.05)), 1 / 16);
        $this->assertNull($raw->heldBeyond($this->lost(0.0)));
    }

    public function test_they_are_stored_and_come_back(): void
    {
        $frame = new FrameMeasures(
            $this->lost(0.1),
            ['scene' => 0.0, 'centre' => 0.0, 'spot' => 0.0, 'highlight' => 0.0],
            preview: new PreviewOf(new RawMeasures($this->tones('-1'), $this->tones('-2'))),
        );
        $again = MeasuresReading::restore(json_decode((string) json_encode($frame->toArray()), true));

        $this->assertEquals($frame->raw(), $again->raw());
        $this->assertSame('green', $frame->toArray()['raw']['frame']['firstChannel']);
        $unread = MeasuresReading::restore(['raw' => null] + $frame->toArray());
        $this->assertNotNull($unread->preview);
        $this->assertNull($unread->raw());
    }

    public function test_a_bright_preview_of_what_the_sensor_holds_is_not_called_too_bright(): void
    {
        $of = fn (?RawMeasures $raw): ?ExposureVerdict => ExposureVerdict::of(
            new FrameMeasures(
                $this->lost(0.4),
                ['scene' => 1.5, 'centre' => 1.5, 'spot' => 1.5, 'highlight' => 0.5],
                preview: new PreviewOf($raw),
            ),
        );
        $all = fn (float $lost): RawTones => Situations::raw(
            ['-3' => 100 - $lost, '0' => $lost],
            ['-2' => 100 - $lost, '0' => $lost],
            ['-3' => 100 - $lost, '0' => $lost],
        );

        $this->assertGreaterThan(0.0, $of(null)?->error->value);
        $this->assertNull($of(new RawMeasures($all(0.9))));
        $this->assertNotNull($of(new RawMeasures($all(1.1))));
    }

    public function test_a_check_of_lost_tones_says_when_it_speaks_of_the_raw_file(): void
    {
        $check = new Check('kept', new ToneLostHighlightsPct(), Comparison::AtMost, 1.0, 0.0, 'Kept', 'It shows.');
        $of = fn (?RawMeasures $raw): CheckResult => CheckEvaluation::one(
            $check,
            Situations::make(frame: $this->lost(0.1), raw: $raw),
        );
        $held = $of(new RawMeasures($this->tones('-1')));

        $this->assertSame([Verdict::Met, 0.0, true], [$held->verdict, $held->value, $held->toArray()['ofRaw'] ?? null]);
        $this->assertSame(Verdict::Missed, $of(null)->verdict);
        $this->assertArrayNotHasKey('ofRaw', $of(null)->toArray());
    }

    private function tones(string $green): RawTones
    {
        return Situations::raw(['-5' => 100], [$green => 100], ['-5' => 100]);
    }

    private function lost(float $share): ToneMeasures
    {
        return Situations::tones([118 => (int) (1000 * (1 - $share)), 255 => (int) (1000 * $share)]);
    }
}
