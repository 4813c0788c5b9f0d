<?php

declare(strict_types=1);

namespace Tests\Core\Modes;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\SetValues;
use TruePupil\Core\Modes\SolvedExposure;
use TruePupil\Core\Modes\WhoDecides;
use TruePupil\Core\Optics\SensorFormat;

final class ExposureSolverTest extends TestCase
{
    public function test_aperture_priority_chooses_the_time(): void
    {
        $solved = $this->solve(12.0, ExposureMode::Aperture, n: 5.6, iso: 100);

        $this->assertSame('ƒ/5.6, 1/125 s, ISO 100', (string) $solved->settings);
        $this->assertSame([Decider::Person, Decider::Camera, Decider::Person], array_values($solved->decidedBy));
        $this->assertSame([], $solved->limits);
    }

    public function test_program_shares_the_light_between_time_and_aperture(): void
    {
        // From f/5.6 at 1/125 s, EV 12: two stops more light are one of each.
        foreach (
            [
                [12.0, 'ƒ/5.6, 1/125 s, ISO 100'],
                [14.0, 'ƒ/8, 1/250 s, ISO 100'],
                [10.0, 'ƒ/4, 1/60 s, ISO 100'],
            ] as [$ev, $settings]
        ) {
            $this->assertSame($settings, (string) $this->solve($ev, ExposureMode::Program, iso: 100)->settings);
        }
    }

    public function test_program_closes_the_aperture_where_a_flash_holds_the_shutter_back(): void
    {
        // EV 15 at ISO 100 and 1/200 s: f/13, not f/10 and a stop too bright.
        $solved = ExposureSolver::solve(
            new ExposureRequest(
                15.0,
                ExposureMode::Program,
                new LensLimits(1.8, 22, 50),
                new BodyLimits(flashSync: 1 / 200),
                new SetValues(iso: Iso::of(100)),
                flash: true,
            ),
        );

        $this->assertSame('ƒ/13, 1/200 s, ISO 100', (string) $solved->settings);
        $this->assertEqualsWithDelta(0.0, $solved->error->value, 0.2);
    }

    public function test_automatic_iso_rises_when_the_time_has_reached_the_slowest_it_may(): void
    {
        // EV 7 at f/2.8 and ISO 100 wants 1/15 s; 1/80 s is the slowest allowed, so ISO takes the 2⅓ stops.
        $solved = $this->solve(7.0, ExposureMode::Aperture, n: 2.8, autoIso: new AutoIso(100, 6400, 1 / 80));

        $this->assertSame('ƒ/2.8, 1/80 s, ISO 500', (string) $solved->settings);
        $this->assertSame(['slowest-automatic-time'], array_column($solved->limits, 'what'));
    }

    public function test_limits_are_met_in_the_order_of_a_camera(): void
    {
        // EV −2 at f/4: the time stops at 1/80 s, ISO at 6400, then the time goes on to one second.
        $solved = $this->solve(-2.0, ExposureMode::Aperture, n: 4, autoIso: new AutoIso(100, 6400, 1 / 80));

        $this->assertSame('ƒ/4, 1 s, ISO 6400', (string) $solved->settings);
        $this->assertSame(['slowest-automatic-time', 'iso-ceiling'], array_column($solved->limits, 'what'));
        $dark = $this->solve(-9.0, ExposureMode::Aperture, n: 4, autoIso: new AutoIso(100, 6400, 1 / 80));
        $this->assertSame(
            ['slowest-automatic-time', 'iso-ceiling', 'body-slowest'],
            array_column($dark->limits, 'what'),
        );
        $this->assertEqualsWithDelta(-2.0, $dark->error->value, 0.01);
    }

    public function test_a_time_above_the_top_speed_of_the_shutter_is_no_setting(): void
    {
        $this->expectException(InvalidExposure::class);
        $this->expectExceptionMessage('1/16000 s is above the top speed of the shutter, 1/8000 s.');
        ExposureSolver::solve(
            new ExposureRequest(
                sceneEv100: 15.0,
                mode: ExposureMode::Shutter,
                lens: new LensLimits(1.8, 16),
                body: new BodyLimits(),
                set: new SetValues(time: ExposureTime::of(1 / 16000), iso: Iso::of(100)),
            ),
        );
    }

    public function test_too_much_light_for_the_fastest_shutter(): void
    {
        $solved = $this->solve(16.0, ExposureMode::Aperture, n: 1.8, iso: 100, lens: new LensLimits(1.8, 16));

        $this->assertSame('1/8000 s', (string) $solved->settings->time);
        $this->assertSame(['body-fastest'], array_column($solved->limits, 'what'));
        $this->assertEqualsWithDelta(16 - 13 - 5 / 3, $solved->error->value, 0.01);
    }

    public function test_shutter_priority_opens_up_and_then_says_so(): void
    {
        $solved = $this->solve(8.0, ExposureMode::Shutter, t: 1 / 500, iso: 400, lens: new LensLimits(2.8, 22));

        $this->assertSame('ƒ/2.8', (string) $solved->settings->aperture);
        $this->assertSame(['lens-widest'], array_column($solved->limits, 'what'));
        $this->assertEqualsWithDelta(8 - (3 + 9 - 2), $solved->error->value, 0.01);
        $this->assertSame(
            'ƒ/8',
            (string) $this->solve(13.0, ExposureMode::Shutter, t: 1 / 500, iso: 400)->settings->aperture,
        );
    }

    public function test_manual_keeps_what_was_set_and_reports_the_rest(): void
    {
        $solved = $this->solve(10.0, ExposureMode::Manual, n: 8, t: 1 / 60, iso: 100);

        $this->assertSame('ƒ/8, 1/60 s, ISO 100', (string) $solved->settings);
        $this->assertEqualsWithDelta(-2.0, $solved->error->value, 1e-9);
        $this->assertEqualsWithDelta(
            -3.0,
            $this->solve(10.0, ExposureMode::Manual, n: 8, t: 1 / 60, iso: 100, compensation: 1)->error->value,
            1e-9,
        );
    }

    public function test_manual_with_automatic_iso_leaves_iso_alone_to_the_camera(): void
    {
        $solved = $this->solve(10.0, ExposureMode::ManualAutoIso, n: 8, t: 1 / 60, autoIso: new AutoIso(100, 6400));

        $this->assertSame('ISO 400', (string) $solved->settings->iso);
        $this->assertSame([Decider::Person, Decider::Person, Decider::Camera], array_values($solved->decidedBy));
        $this->assertSame(
            ['iso-floor'],
            array_column(
                $this->solve(15.0, ExposureMode::ManualAutoIso, n: 8, t: 1 / 60, autoIso: new AutoIso(200, 6400))
                    ->limits,
                'what',
            ),
        );
    }

    public function test_compensation_moves_what_the_camera_decides_and_automatic_does_not_take_it(): void
    {
        $this->assertSame(
            '1/60 s',
            (string) $this->solve(12.0, ExposureMode::Aperture, n: 5.6, iso: 100, compensation: 1)->settings->time,
        );
        $plain = $this->solve(12.0, ExposureMode::Auto, iso: 100);
        $told = $this->solve(12.0, ExposureMode::Auto, iso: 100, compensation: 2);
        $this->assertSame((string) $plain->settings, (string) $told->settings);
        $this->assertSame([Decider::Camera, Decider::Camera, Decider::Camera], array_values($plain->decidedBy));
    }

    public function test_a_filter_takes_light(): void
    {
        $this->assertSame(
            '0.5 s',
            (string) $this->solve(12.0, ExposureMode::Aperture, n: 5.6, iso: 100, filter: 6)->settings->time,
        );
    }

    public function test_what_lens_and_body_cannot_do_is_brought_back_and_named(): void
    {
        $solved = $this->solve(12.0, ExposureMode::Manual, n: 1.4, t: 1 / 60, iso: 50, lens: new LensLimits(2.8, 16));

        $this->assertSame('ƒ/2.8, 1/60 s, ISO 100', (string) $solved->settings);
        $this->assertSame(['lens-widest', 'body-lowest-iso'], array_column($solved->limits, 'what'));
    }

    public function test_bulb_is_held_open_as_long_as_one_likes(): void
    {
        $this->assertSame(
            '120 s',
            (string) $this->solve(-6.0, ExposureMode::Bulb, n: 4, t: 120, iso: 400)->settings->time,
        );
    }

    public function test_the_light_is_balanced_within_half_a_third_unless_a_limit_is_reported(): void
    {
        $seed = 20261124;
        mt_srand($seed);
        $balanced = 0;
        for ($case = 0; $case < 3000; $case++) {
            $mode = [
                ExposureMode::Auto,
                ExposureMode::Scene,
                ExposureMode::Program,
                ExposureMode::Aperture,
                ExposureMode::Shutter,
                ExposureMode::ManualAutoIso,
            ][mt_rand(0, 5)];
            $automatic = mt_rand(0, 1) === 1 || $mode === ExposureMode::ManualAutoIso;
            $ev = mt_rand(-600, 1700) / 100;
            $solved = $this->solve(
                $ev,
                $mode,
                n: [1.4, 2, 2.8, 4, 5.6, 8, 11, 16][mt_rand(0, 7)],
                t: 2 ** -mt_rand(-4, 12),
                iso: $automatic ? null : 100 * 2 ** mt_rand(0, 6),
                compensation: mt_rand(-6, 6) / 3,
                filter: mt_rand(0, 3) * 2,
                autoIso: $automatic && mt_rand(0, 2) > 0
                    ? new AutoIso(
                        100 * 2 ** mt_rand(0, 1),
                        100 * 2 ** mt_rand(2, 7),
                        [null, 1 / 80, 1 / 500][mt_rand(0, 2)],
                    )
                    : null,
                lens: new LensLimits([1.4, 1.8, 2.8, 3.5, 5.6][mt_rand(0, 4)], [16, 22][mt_rand(0, 1)]),
            );
            $what = "seed $seed case $case, {$mode->value} at EV $ev: {$solved->settings}";
            $hard = array_diff(array_column($solved->limits, 'what'), [
                'slowest-automatic-time',
                'lens-widest',
                'lens-smallest',
            ]);
            $open = array_intersect(array_column($solved->limits, 'what'), ['lens-widest', 'lens-smallest']);
            if ($hard === [] && ($open === [] || $solved->decidedBy['exposureTime'] === Decider::Camera)) {
                $balanced++;
                $this->assertLessThanOrEqual(1 / 6 + 1e-6, abs($solved->error->value), $what);
            } elseif (abs($solved->error->value) > 1 / 6 + 1e-6) {
                $this->assertNotSame([], $solved->limits, $what);
            }
            $this->assertLessThanOrEqual(33.0, $solved->settings->time->exact, $what);
            $this->assertLessThanOrEqual(26_000.0, $solved->settings->iso->exact, $what);
        }
        $this->assertGreaterThan(1000, $balanced);
    }

    public function test_flash_keeps_the_time_at_sync_speed_and_the_silent_shutter_keeps_the_flash_dark(): void
    {
        $body = new BodyLimits(flashSync: 1 / 200, silentFastest: 1 / 16000);
        $set = ['n' => 4, 't' => 1 / 1000, 'iso' => 100, 'body' => $body];
        $synced = $this->solve(12.0, ExposureMode::Manual, ...[...$set, 'flash' => true]);
        $silent = $this->solve(12.0, ExposureMode::Manual, ...[...$set, 'flash' => true, 'silent' => true]);

        $this->assertSame(
            ['1/200 s', ['flash-sync']],
            [(string) $synced->settings->time, array_column($synced->limits, 'what')],
        );
        $this->assertSame(
            ['1/1000 s', ['flash-silent']],
            [(string) $silent->settings->time, array_column($silent->limits, 'what')],
        );
        $bright = $this->solve(17.0, ExposureMode::Aperture, n: 1.8, iso: 100, body: $body, silent: true);
        $this->assertSame(
            ['1/16000 s', ['silent-fastest']],
            [(string) $bright->settings->time, array_column($bright->limits, 'what')],
        );
    }

    public function test_automatic_iso_follows_the_focal_length(): void
    {
        $format = SensorFormat::parse('23.5x15.6');
        $this->assertEqualsWithDelta(1 / 80, AutoIso::byFocalLength(100, 6400, 50, $format)->slowest, 1e-9);
        $this->assertEqualsWithDelta(1 / 40, AutoIso::byFocalLength(100, 6400, 50, $format, 1)->slowest, 1e-9);
        $this->assertEqualsWithDelta(1 / 320, AutoIso::byFocalLength(100, 6400, 200, $format)->slowest, 1e-9);
    }

    public function test_iso_beyond_the_sensor_s_own_range_is_said(): void
    {
        $body = new BodyLimits(isoMin: 50, isoMax: 51200, isoBase: 100, isoNativeMax: 25600);

        $low = $this->solve(12.0, ExposureMode::Aperture, n: 8, iso: 50, body: $body);
        $this->assertSame(['iso-below-base'], array_column($low->limits, 'what'));
        $this->assertStringContainsString('1 stop sooner', $low->limits[0]->message);
        $this->assertSame(
            ['iso-above-native'],
            array_column($this->solve(2.0, ExposureMode::Aperture, n: 8, iso: 51200, body: $body)->limits, 'what'),
        );
    }

    public function test_dials_in_half_stops(): void
    {
        $body = new BodyLimits(increment: StopIncrement::Half);
        $solved = $this->solve(12.5, ExposureMode::Aperture, n: 5.6, iso: 100, body: $body);
        $this->assertSame(['1/180 s', []], [(string) $solved->settings->time, $solved->limits]);
        $this->assertEqualsWithDelta(0.0, $solved->error->value, 1e-9);
        $this->assertSame(
            'ƒ/6.7',
            (string) $this->solve(12.5, ExposureMode::Shutter, t: 1 / 125, iso: 100, body: $body)->settings->aperture,
        );
        $between = $this->solve(12.25, ExposureMode::Aperture, n: 5.6, iso: 100, body: $body);
        $this->assertSame(['half-stop-dials'], array_column($between->limits, 'what'));
    }

    public function test_what_the_finder_shows(): void
    {
        $request = new ExposureRequest(
            sceneEv100: 16.0,
            mode: ExposureMode::Aperture,
            lens: new LensLimits(1.8, 16),
            body: new BodyLimits(),
            set: new SetValues(aperture: Aperture::of(1.8), iso: Iso::of(100)),
        );
        $finder = FinderDisplay::of($request, ExposureSolver::solve($request));
        $this->assertSame(['exposureTime' => 'The shutter goes no faster than 1/8000 s.'], $finder->blinking);

        $request = new ExposureRequest(
            sceneEv100: 10.0,
            mode: ExposureMode::Manual,
            lens: new LensLimits(1.8, 16),
            body: new BodyLimits(),
            set: new SetValues(aperture: Aperture::of(8), time: ExposureTime::of(1 / 1000), iso: Iso::of(100)),
        );
        $finder = FinderDisplay::of($request, ExposureSolver::solve($request));
        $this->assertSame([-3.0, true, []], [$finder->meter?->value, $finder->meterAtEnd, $finder->blinking]);

        $request = new ExposureRequest(
            sceneEv100: 12.0,
            mode: ExposureMode::Aperture,
            lens: new LensLimits(1.8, 16),
            body: new BodyLimits(),
            set: new SetValues(aperture: Aperture::of(5.6), iso: Iso::of(100), compensation: 1.0),
        );
        $this->assertEqualsWithDelta(
            1.0,
            FinderDisplay::of($request, ExposureSolver::solve($request))->meter?->value,
            1e-9,
        );
        $request = new ExposureRequest(
            sceneEv100: -6.0,
            mode: ExposureMode::Bulb,
            lens: new LensLimits(1.8, 16),
            body: new BodyLimits(),
            set: new SetValues(aperture: Aperture::of(4), time: ExposureTime::of(120), iso: Iso::of(100)),
        );
        $this->assertNull(FinderDisplay::of($request, ExposureSolver::solve($request))->meter);
    }

    public function test_who_decides_in_each_mode(): void
    {
        $table = array_map(
            fn (ExposureMode $mode): string => implode(' ', [
                WhoDecides::in($mode)->aperture->value,
                WhoDecides::in($mode)->time->value,
                WhoDecides::in($mode)->iso->value ?? 'either',
                WhoDecides::in($mode)->compensation ? 'yes' : 'no',
            ]),
            [
                ExposureMode::Auto,
                ExposureMode::Program,
                ExposureMode::Aperture,
                ExposureMode::Shutter,
                ExposureMode::Manual,
                ExposureMode::ManualAutoIso,
                ExposureMode::Bulb,
            ],
        );

        $this->assertSame(
            [
                'camera camera camera no',
                'camera camera either yes',
                'person camera either yes',
                'camera person either yes',
                'person person person no',
                'person person camera yes',
                'person person person no',
            ],
            $table,
        );
    }

    public function test_a_value_that_is_the_person_s_must_be_set(): void
    {
        $this->expectException(InvalidExposure::class);
        $this->expectExceptionMessage('In manual the exposure time');
        $this->solve(10, ExposureMode::Manual, n: 8, iso: 100);
    }

    public function test_limits_the_wrong_way_round_are_refused(): void
    {
        $this->expectException(InvalidExposure::class);
        new LensLimits(16, 2.8);
    }

    private function solve(
        float $ev,
        ExposureMode $mode,
        ?float $n = null,
        ?float $t = null,
        ?float $iso = null,
        float $compensation = 0.0,
        float $filter = 0.0,
        ?AutoIso $autoIso = null,
        LensLimits $lens = new LensLimits(1.4, 22),
        BodyLimits $body = new BodyLimits(),
        bool $flash = false,
        bool $silent = false,
    ): SolvedExposure {
        return ExposureSolver::solve(
            new ExposureRequest(
                sceneEv100: $ev,
                mode: $mode,
                lens: $lens,
                body: $body,
                set: new SetValues(
                    aperture: $n === null ? null : Aperture::of($n),
                    time: $t === null ? null : ExposureTime::of($t),
                    iso: $iso === null ? null : Iso::of($iso),
                    autoIso: $autoIso,
                    compensation: $compensation,
                ),
                filterStops: $filter,
                flash: $flash,
                silent: $silent,
            ),
        );
    }
}
