<?php

declare(strict_types=1);

namespace Tests\Core\Adviser;

use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Critique\FrameAdviser;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\MeterFooled;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\StarTrail;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\RetakenFrame;

/** What is advised, against numbers worked out by hand. */
final class AdvisedNumbersTest extends TestCase
{
    public function test_depth_that_is_asked_for_is_focused_for(): void
    {
        // 35 mm from 2 m to the horizon: focused at 4 m, N = f²/(c·4 m) = 10.2.
        $kit = Situations::kit(
            more: ['lenses' => [['name' => 'Marlpit 35 mm', 'minFocal' => 35, 'widestAtMin' => 2, 'smallest' => 22]]],
        );
        $intent = new Intent(distances: new IntendedDistances(subject: 10, near: 2, far: INF), focalLength35: 35);
        $best = KitAdviser::advise(new AdviceRequest(Ev100::of(12), $kit, $intent))->suggestions[0];

        $this->assertEqualsWithDelta(4.0, $best->lens->focusDistance, 0.1);
        $this->assertSame('ƒ/11', (string) $best->exposure->settings->aperture);
    }

    public function test_filters_are_screwed_onto_one_another(): void
    {
        $this->assertSame([0.0, 3.0, 6.0], Situations::kit(more: ['filters' => [3, 3]])->filterSums());
        $this->assertSame(
            [0.0, 2.0, 3.0, 5.0, 6.0, 8.0, 9.0],
            Situations::kit(more: ['filters' => [3, 6, 2]])->filterSums(),
            'two at a time, no more',
        );
    }

    public function test_one_filter_that_is_enough_comes_before_two(): void
    {
        $kit = Situations::kit(more: ['filters' => [3, 6], 'supports' => ['hand', 'tripod']]);
        $advise = fn (float $light): Suggestion => KitAdviser::advise(
            new AdviceRequest(
                Ev100::of($light),
                $kit,
                new Intent(movement: new Movement(MovementLook::Silk), focalLength35: 50),
            ),
        )->suggestions[0];

        $this->assertSame(6.0, $advise(13.0)->exposure->filterStops);
        $this->assertSame([3.0, 6.0], $kit->filtersFor(9.0));
        $this->assertSame([6.0], $kit->filtersFor(6.0));
        $this->assertSame([], $kit->filtersFor(0.0));
        $stacked = KitAdviser::advise(
            new AdviceRequest(
                Ev100::of(15.0),
                Situations::kit(['isoMin' => 100], ['filters' => [2, 4], 'supports' => ['tripod']]),
                new Intent(
                    distances: new IntendedDistances(subject: 3.0, background: 20.0, separation: 1.0),
                    movement: new Movement(MovementLook::Silk),
                    focalLength35: 50,
                ),
            ),
        )->suggestions[0];
        $this->assertStringContainsString('on one another', implode(' ', $stacked->effect->costs));
    }

    public function test_no_stabiliser_holds_longer_than_a_second_and_none_holds_stars_or_water(): void
    {
        $wide = HandHeldLimit::of(16, SensorFormat::fullFrame(), 8);
        $this->assertSame(1.0, $wide->seconds);
        $kit = Situations::kit(['stabiliserStops' => 8], ['supports' => ['hand']]);
        foreach (
            [
                new Intent(movement: new Movement(MovementLook::Silk), focalLength35: 24),
                new Intent(focalLength35: 24, contents: new IntendedContents(stars: true)),
            ] as $intent
        ) {
            $advice = KitAdviser::advise(new AdviceRequest(Ev100::of(-5), $kit, $intent));
            $met = array_filter($advice->suggestions, fn (Suggestion $one): bool => $one->effect->meets);
            $this->assertSame([], $met, 'nothing that is held by hand meets it');
        }
    }

    public function test_stars_near_the_pole_hardly_move(): void
    {
        $equator = StarTrail::roughLimit(50, SensorFormat::fullFrame());

        $this->assertEqualsWithDelta(10.0, $equator, 1e-9);
        $this->assertEqualsWithDelta(20.0, StarTrail::roughLimit(50, SensorFormat::fullFrame(), 60), 1e-9);
        $this->assertGreaterThan(30.0, StarTrail::roughLimit(50, SensorFormat::fullFrame(), 89));
        $this->assertEqualsWithDelta(2.0, StarTrail::pixelLimit(50, 2, 6, 60) / StarTrail::pixelLimit(50, 2, 6), 1e-9);
        $polar = Situations::make(
            n: 2,
            t: 30,
            support: Support::Tripod,
            intent: new Intent(contents: new IntendedContents(stars: true, declination: 89)),
        );
        $this->assertGreaterThan(30.0, $polar->starLimit());
    }

    public function test_near_subjects_take_light_and_bring_diffraction(): void
    {
        $this->assertEqualsWithDelta(2.0, CloseUp::factor(100, 0.2), 1e-9, 'life size: two stops');
        $this->assertEqualsWithDelta(1.0, CloseUp::factor(100, null), 1e-9);
        $this->assertEqualsWithDelta(1.01, CloseUp::factor(50, 5.05), 1e-9);
    }

    public function test_a_course_that_begins_in_manual_is_never_told_to_set_compensation(): void
    {
        $manual = new Approach(start: Start::Manual);
        $situation = Situations::make(subject: 0.0, wanted: 4 / 3, approach: $manual);
        foreach ((new PlacementAdviser())->suggest($situation) as $suggestion) {
            $this->assertNull($suggestion->exposure->compensation);
            $this->assertStringNotContainsStringIgnoringCase('compensation', $suggestion->title);
            $this->assertStringContainsString('manual', $suggestion->title);
        }
        $this->assertStringNotContainsStringIgnoringCase(
            'compensation',
            (string) (new MeterFooled())->judge($situation)?->sentence,
        );
        $this->assertStringContainsStringIgnoringCase(
            'compensation',
            (string) (new MeterFooled())->judge(Situations::make(subject: 0.0, wanted: 4 / 3))?->sentence,
        );
    }

    public function test_on_film_its_speed_is_the_only_iso_there_is(): void
    {
        $kit = Situations::kit(more: ['film' => ['name' => 'a film', 'boxSpeed' => 400]]);
        foreach ([12.0, 6.0, 1.0] as $light) {
            $request = new AdviceRequest(Ev100::of($light), $kit, new Intent(focalLength35: 50));
            foreach (KitAdviser::advise($request)->suggestions as $suggestion) {
                $this->assertSame('ISO 400', (string) $suggestion->exposure->settings->iso);
            }
        }
        $rated = new AdviceRequest(
            Ev100::of(12),
            $kit,
            new Intent(focalLength35: 50),
            exposureIndex: Iso::of(200),
        );
        $this->assertSame('ISO 200', (string) KitAdviser::advise($rated)->suggestions[0]->exposure->settings->iso);

        $frame = Situations::make(n: 8, t: 1 / 60, iso: 400, subject: 0.0, wanted: 4 / 3, kit: $kit);
        $suggested = (new PlacementAdviser())->suggest($frame);
        $this->assertNotSame([], $suggested);
        foreach ($suggested as $suggestion) {
            $this->assertSame('ISO 400', (string) $suggestion->exposure->settings->iso);
        }
        $wider = SameExposure::with($frame, 'softer', aperture: Aperture::of(4));
        $this->assertSame('ƒ/4, 1/250 s, ISO 400', (string) $wider?->exposure->settings);
        $longer = SameExposure::with($frame, 'a streak', time: ExposureTime::of(1 / 15));
        $this->assertSame('ƒ/16, 1/15 s, ISO 400', (string) $longer?->exposure->settings);
        $this->assertNull($frame->isoSlack());
    }

    public function test_eight_seconds_metered_become_fifteen_on_film(): void
    {
        // p = 1.3: 8^1.3 = 14.9.
        $kit = Situations::kit(
            more: [
                'film' => ['name' => 'a film', 'boxSpeed' => 100, 'reciprocity' => 1.3],
                'lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 8, 'smallest' => 8]],
                'supports' => ['tripod'],
            ],
        );
        $request = new AdviceRequest(Ev100::of(3), $kit, new Intent(focalLength35: 50));
        $best = KitAdviser::advise($request)->suggestions[0];

        $this->assertSame('15 s', (string) $best->exposure->settings->time);
        $this->assertStringContainsString('8 s metered become 15 s', implode(' ', $best->effect->costs));
    }

    public function test_what_is_suggested_for_film_beyond_a_second_is_no_other_exposure(): void
    {
        $kit = Situations::kit(more: ['film' => ['name' => 'a film', 'boxSpeed' => 100, 'reciprocity' => 1.3]]);
        $frame = Situations::make(n: 16, t: 10, subject: 0.0, wanted: 1.0, kit: $kit, support: Support::Tripod);
        $byKind = [];
        foreach ((new PlacementAdviser())->suggest($frame) as $suggestion) {
            $byKind[$suggestion->kind] = $suggestion;
        }

        // 10 s count for 5.9 s; a stop more is 11.8 s, which takes 24.6 s.
        $this->assertSame('25 s', (string) $byKind['time']->exposure->settings->time);
        $retaken = RetakenFrame::of($frame, $byKind['time']);
        $this->assertEqualsWithDelta(1.0, $retaken->measures->subject?->placement()->value, 0.1);

        // Two stops wider by aperture: 2.5 s would do on a sensor that never tires. 5.9 s less two stops are 1.5 s,
        // which take 1.65 s.
        $wider = SameExposure::with($frame, 'softer', aperture: Aperture::of(8));
        $this->assertSame('1.6 s', (string) $wider?->exposure->settings->time);
    }

    public function test_what_only_a_sensor_does_is_not_said_of_film(): void
    {
        $film = Situations::kit(more: ['film' => ['name' => 'a film', 'boxSpeed' => 3200]]);
        $said = fn (Kit $kit): array => array_map(
            fn (Finding $finding): string => $finding->id,
            Rules::critic()->judge(Situations::make(t: 1 / 1000, iso: 6400, kit: $kit)),
        );

        $this->assertContains('noise.iso-slack', $said(Situations::kit()));
        $this->assertSame([], preg_grep('/^noise|iso-below-base|headroom|range-beyond/', $said($film)));
    }

    public function test_a_film_is_never_given_less_than_the_meter_says(): void
    {
        foreach ([2.0, 3.5, 5.0] as $light) {
            $kit = Situations::kit(
                more: [
                    'film' => ['name' => 'a film', 'boxSpeed' => 100, 'reciprocity' => 1.3],
                    'lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 8, 'smallest' => 8]],
                    'supports' => ['tripod'],
                ],
            );
            $request = new AdviceRequest(Ev100::of($light), $kit, new Intent(focalLength35: 50));
            $settings = KitAdviser::advise($request)->suggestions[0]->exposure->settings;

            $metered = 64 / 2 ** $light;
            $this->assertGreaterThanOrEqual($metered ** 1.3 * 0.85, $settings->time->exact, "EV $light");
        }
    }

    public function test_compensation_ends_where_the_dial_does(): void
    {
        $of = fn (float $subject): array => (new PlacementAdviser())->suggest(
            Situations::make(iso: 800, subject: $subject, wanted: 0.0),
        );
        foreach ($of(-5.0) as $suggestion) {
            $this->assertEqualsWithDelta(5.0, $suggestion->exposure->compensation, 0.01);
        }
        foreach ($of(-6.0) as $suggestion) {
            $this->assertNull($suggestion->exposure->compensation);
            $this->assertStringContainsString('manual', $suggestion->title);
        }
    }

    public function test_what_a_flash_lit_is_brightened_by_aperture_or_iso_and_never_by_time(): void
    {
        $flash = Situations::make(
            n: 8,
            t: 1 / 125,
            iso: 200,
            subject: -2.0,
            wanted: 0.0,
            record: ['flashFired' => true],
            kit: Situations::kit(),
        );
        $suggestions = (new FrameAdviser(Rules::critic()))->advise($flash, [])->suggestions;

        $this->assertNotSame([], $suggestions);
        foreach ($suggestions as $suggestion) {
            $settings = $suggestion->exposure->settings;
            $this->assertSame('1/125 s', (string) $settings->time, $suggestion->title);
            $this->assertNull($suggestion->exposure->compensation, 'it would move the time');
            $this->assertEqualsWithDelta(
                2.0,
                $settings->aperture->stopsMoreLightThan(Aperture::of(8))->value +
                    $settings->iso->stopsMoreThan(Iso::of(200))->value,
                0.1,
            );
        }
    }

    public function test_a_camera_that_steps_in_halves_is_spoken_to_in_halves(): void
    {
        $kit = Situations::kit(body: ['stepsPerStop' => 2]);
        // Off by 1.4 stops: one and a half on its dials, one and a third on others.
        $of = fn (?Kit $kit): array => (new PlacementAdviser())->suggest(
            Situations::make(n: 5.6, t: 1 / 250, iso: 400, subject: -1.4, wanted: 0.0, kit: $kit),
        );
        foreach ($of($kit) as $suggestion) {
            $this->assertEqualsWithDelta(1.5, $suggestion->exposure->compensation, 1e-6);
            $this->assertStringContainsString('+1½', $suggestion->title);
            $this->assertEqualsWithDelta(
                1.5,
                $suggestion->exposure->settings->stopsBrighterThan(
                    Situations::make(n: 5.6, t: 1 / 250, iso: 400)->record->settings(),
                )->value,
                0.02,
            );
        }
        $this->assertEqualsWithDelta(4 / 3, $of(null)[0]->exposure->compensation, 1e-6);
    }
}
