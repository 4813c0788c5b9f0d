<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\CheckScale;
use PHPUnit\Framework\TestCase;
use Tests\Core\Briefs;
use TruePupil\Core\Checks\Measures\CompositionTiltDeg;
use TruePupil\Core\Checks\Measures\FocusEyeSharpness;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Checks\Measures\SubjectMeanStops;
use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;

/** The scale that the limits of a check can be moved on. */
final class CheckScaleTest extends TestCase
{
    public function test_a_dial_has_its_thirds_and_places_in_stops(): void
    {
        $scale = CheckScale::of(new RecordFNumber(), 'atMost', 'ƒ/2.8', '');

        $this->assertTrue($scale?->isInStops);
        $texts = array_column($scale->steps, 'text', null);
        $this->assertSame(['ƒ/2.5', 'ƒ/2.8', 'ƒ/3.2'], array_slice($texts, 11, 3));
        $this->assertEqualsWithDelta(
            3.0,
            CheckScale::place(new RecordFNumber(), 8.0) - CheckScale::place(new RecordFNumber(), 2.828427),
            1e-4,
        );
        $times = array_column(CheckScale::of(new RecordExposureTime(), 'atMost', '1/125', '')->steps ?? [], 'text');
        $this->assertContains('1/60 s', $times);
        $this->assertNull(CheckScale::place(new RecordExposureTime(), 0.0));
    }

    public function test_anything_else_has_even_steps_about_what_is_asked(): void
    {
        $steps = CheckScale::of(new ToneLostHighlightsPct(), 'atMost', '3', '')->steps ?? [];
        $this->assertSame(0.0, $steps[0]['place']);
        $this->assertGreaterThan(6.0, end($steps)['place']);
        $this->assertLessThanOrEqual(42, count($steps));

        $stops = CheckScale::of(new SubjectMeanStops(), 'between', '−1', '1')->steps ?? [];
        $this->assertContains('−⅓', array_column($stops, 'text'));
        $this->assertContains('+1', array_column($stops, 'text'));
        $begins = fn (string $how): ?float => CheckScale::of(new CompositionTiltDeg(), $how, '0.7', '')
            ->steps[0]['place'] ?? null;
        $this->assertSame(0.0, $begins('within'));
        $this->assertLessThan(0.0, $begins('atMost'));
    }

    public function test_words_levels_and_what_is_no_number_have_none(): void
    {
        $this->assertNull(CheckScale::of(new RecordMode(), 'oneOf', '', ''));
        $this->assertNull(CheckScale::of(new FocusEyeSharpness(), 'atLeast', '0.42', ''));
        $this->assertNull(CheckScale::of(new RecordFNumber(), 'atMost', 'wide', ''));
        $this->assertNull(CheckScale::of(new RecordFNumber(), 'atMost', '0', ''));
        $this->assertNull(CheckScale::of(null, 'atMost', '1', ''));
    }

    public function test_limits_stand_where_the_frames_do(): void
    {
        [$between, $words] = Briefs::asking([
            [
                'measure' => 'record.fNumber', 'comparison' => 'between', 'limit' => 2, 'upTo' => 4,
                'tolerance' => 1.656854,
            ],
            ['measure' => 'record.mode', 'comparison' => 'oneOf', 'limit' => ['manual']],
        ])->checks;

        $places = CheckScale::places($between);
        $this->assertEqualsWithDelta([2.0, 4.0, 1.0], array_values($places ?? []), 1e-5);
        $this->assertNull(CheckScale::places($words));
    }
}
