<?php

declare(strict_types=1);

namespace Tests\Core\Situation;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\RetakenFrame;
use TruePupil\Core\Situation\Situation;

/** What follows from a record and a kit, and what a retake at other settings would record. */
final class SituationTest extends TestCase
{
    public function test_a_stabiliser_counts_unless_it_was_off(): void
    {
        $limit = fn (?bool $on): ?float => Situations::make(
            kit: Situations::kit(['stabiliserStops' => 3]),
            record: ['stabiliser' => $on],
        )->handHeldLimit()?->seconds;

        $this->assertEqualsWithDelta(8 / 50, $limit(true), 1e-9);
        $this->assertEqualsWithDelta(8 / 50, $limit(null), 1e-9, 'what is not recorded is not held against it');
        $this->assertEqualsWithDelta(1 / 50, $limit(false), 1e-9);
        $this->assertEqualsWithDelta(1 / 50, Situations::make()->handHeldLimit()?->seconds, 1e-9, 'no kit, no stops');
    }

    public function test_the_widest_aperture_is_the_kits_then_the_files(): void
    {
        $this->assertEqualsWithDelta(2.8, Situations::make(widest: 2.8)->widest()?->nominal(), 1e-9);
        $this->assertEqualsWithDelta(
            1.8,
            Situations::make(widest: 2.8, kit: Situations::kit())->widest()?->nominal(),
            1e-9,
        );
        $this->assertNull(Situations::make(widest: null)->widest());
    }

    public function test_the_files_widest_aperture_belongs_to_its_lens(): void
    {
        $taken = Situations::make(widest: 1.8);

        $this->assertSame(1.8, $this->retaken($taken, 'Marlpit 50 mm')->record->lens->widestFNumber);
        $this->assertNull($this->retaken($taken, 'Marlpit 200 mm')->record->lens->widestFNumber);
        $this->assertNull($this->retaken($taken, 'Marlpit 200 mm')->widest());
    }

    public function test_a_retake_on_a_tripod_switches_the_stabiliser_off(): void
    {
        $switch = fn (?bool $on, Support $support): ?bool => $this->retaken(
            Situations::make(record: ['stabiliser' => $on]),
            'Marlpit 50 mm',
            $support,
        )->record->handling->stabiliser;

        $this->assertFalse($switch(true, Support::Tripod));
        $this->assertTrue($switch(true, Support::Hand));
        $this->assertNull($switch(null, Support::Tripod), 'a camera without one has none to switch');
    }

    private function retaken(Situation $taken, string $lens, Support $support = Support::Hand): Situation
    {
        $settings = $taken->record->settings();
        $this->assertInstanceOf(ExposureSettings::class, $settings);

        return RetakenFrame::of(
            $taken,
            new Suggestion(
                kind: 'same',
                title: 'The same',
                exposure: new SuggestedExposure(settings: $settings, mode: ExposureMode::Aperture, compensation: null),
                lens: new SuggestedLens(name: $lens, focalLength: 50),
                support: $support,
                effect: new SuggestedEffect(gains: [], costs: []),
            ),
        );
    }

    public function test_the_lowest_iso_that_a_camera_was_seen_at_is_a_floor(): void
    {
        $this->assertSame(100.0, Situations::make(iso: 400)->baseIso()->exact);
        $this->assertSame('ISO 64', (string) Situations::make(iso: 64)->baseIso());
        $seen = [Situations::make(iso: 50)->record];
        $this->assertSame('ISO 50', (string) Situations::make(iso: 400, earlier: $seen)->baseIso());
        $another = [Parts::changed(Situations::make(iso: 50)->record, model: 'Another')];
        $this->assertSame('ISO 100', (string) Situations::make(iso: 400, earlier: $another)->baseIso());
        $this->assertSame('ISO 100', (string) Situations::make(iso: 64, kit: Situations::kit())->baseIso());
    }
}
