<?php

declare(strict_types=1);

namespace Tests\Core\Retake;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Retake\PlacementAdviser;

final class PlacementAdviserTest extends TestCase
{
    public function test_every_suggestion_moves_the_exposure_by_just_the_error(): void
    {
        mt_srand(4);
        $seen = 0;
        for ($case = 0; $case < 400; $case++) {
            $situation = Situations::make(
                n: [1.8, 2.8, 4, 5.6, 8, 11, 16][mt_rand(0, 6)],
                t: 2 ** -(mt_rand(0, 36) / 3),
                iso: 100 * 2 ** (mt_rand(0, 18) / 3),
                mode: [
                    ExposureMode::Manual,
                    ExposureMode::Aperture,
                    ExposureMode::Shutter,
                    ExposureMode::Program,
                    ExposureMode::Auto,
                ][mt_rand(0, 4)],
                support: [Support::Hand, Support::Tripod, Support::Monopod][mt_rand(0, 2)],
                subject: mt_rand(-400, 220) / 100,
                wanted: [4 / 3, -2.0][mt_rand(0, 1)],
            );
            $error = $situation->placementError()?->value;
            $suggestions = (new PlacementAdviser())->suggest($situation);
            $this->assertLessThanOrEqual(3, count($suggestions));
            foreach ($suggestions as $suggestion) {
                $seen++;
                $moved = $suggestion->exposure->settings->stopsBrighterThan($situation->record->settings())->value;
                $this->assertEqualsWithDelta(-$error, $moved, 1 / 6 + 1e-6, "case $case: {$suggestion->title}");
                $this->assertGreaterThanOrEqual(99.0, $suggestion->exposure->settings->iso->exact);
                $this->assertLessThanOrEqual(23.0, $suggestion->exposure->settings->aperture->exact);
                $this->assertGreaterThanOrEqual(1.7, $suggestion->exposure->settings->aperture->exact);
            }
        }
        $this->assertGreaterThan(400, $seen);
    }

    public function test_on_a_phone_there_is_one_way_and_it_is_a_touch_and_a_slide(): void
    {
        $phone = fn (float $subject): array => $this->suggest(Situations::make(
            n: 1.8,
            t: 1 / 60,
            iso: 400,
            mode: ExposureMode::Program,
            subject: $subject,
            kit: Situations::phone(),
        ));
        $up = $phone(-2 / 3);
        $this->assertCount(1, $up);
        $this->assertStringStartsWith(
            'Touch and hold the subject, then slide the brightness up by about 2 stops',
            $up[0]->title,
        );
        $this->assertSame(ExposureMode::Program, $up[0]->exposure->mode);
        $this->assertStringContainsString('slide the brightness down by about 1 stop', $phone(7 / 3)[0]->title);
    }

    public function test_nothing_is_moved_for_a_third_of_a_stop(): void
    {
        $of = fn (float $off): int => count($this->suggest(Situations::make(subject: 4 / 3 + $off)));

        $this->assertSame(0, $of(0.33));
        $this->assertGreaterThan(0, $of(0.35));
        $this->assertSame(0, $of(-0.33));
        $this->assertGreaterThan(0, $of(-0.35));
    }

    public function test_compensation_goes_five_stops_and_no_further(): void
    {
        $told = fn (float $subject): ?float => $this->suggest(
            Situations::make(t: 1 / 2000, iso: 100, subject: $subject, wanted: 4 / 3),
        )[0]->exposure->compensation ?? null;

        $this->assertEqualsWithDelta(5.0, $told(4 / 3 - 5.0), 0.01);
        $this->assertNull($told(4 / 3 - 5 - 1 / 3));
    }

    public function test_shake_counts_from_a_sixth_of_a_stop(): void
    {
        $costs = function (float $stops): string {
            $situation = Situations::make(
                t: 0.02 * 2 ** ($stops - 1),
                iso: 100,
                mode: ExposureMode::Aperture,
                subject: 1 / 3,
            );
            foreach ($this->suggest($situation) as $suggestion) {
                if ($suggestion->kind === 'time') {
                    return implode(', ', $suggestion->effect->costs);
                }
            }

            return 'none';
        };

        $this->assertStringNotContainsString('past what hands hold', $costs(0.1));
        $this->assertStringContainsString('past what hands hold', $costs(0.5));
    }

    public function test_in_aperture_priority_the_dial_to_turn_is_compensation(): void
    {
        $best = $this->suggest(Situations::make(n: 5.6, t: 1 / 200, iso: 100, subject: 1 / 3))[0];

        $this->assertEqualsWithDelta(1.0, $best->exposure->compensation, 0.01);
        $this->assertSame('1/100 s', (string) $best->exposure->settings->time);
        $this->assertSame('ƒ/5.6', (string) $best->exposure->settings->aperture);
        $this->assertStringContainsString('compensation to +1', $best->title);
    }

    public function test_in_manual_one_value_moves_and_compensation_is_not_spoken_of(): void
    {
        $bright = Situations::make(n: 8, t: 1 / 60, iso: 400, mode: ExposureMode::Manual, subject: 7 / 3);
        $suggestions = $this->suggest($bright);
        foreach ($suggestions as $suggestion) {
            $this->assertNull($suggestion->exposure->compensation);
            $this->assertSame(ExposureMode::Manual, $suggestion->exposure->mode);
            $changed = array_filter([
                (string) $suggestion->exposure->settings->aperture !== 'ƒ/8',
                (string) $suggestion->exposure->settings->time !== '1/60 s',
                (string) $suggestion->exposure->settings->iso !== 'ISO 400',
            ]);
            $this->assertCount(1, $changed, $suggestion->title);
        }
    }

    public function test_too_bright_at_high_iso_comes_down_in_iso_first(): void
    {
        $best = $this->suggest(
            Situations::make(n: 8, t: 1 / 60, iso: 800, mode: ExposureMode::Manual, subject: 7 / 3),
        )[0];

        $this->assertSame('iso', $best->kind);
        $this->assertSame('ISO 400', (string) $best->exposure->settings->iso);
    }

    public function test_where_hands_run_out_time_and_iso_share_the_way(): void
    {
        // Two stops are wanted; hands hold one of them at 50 mm.
        $kinds = array_column(
            $this->suggest(Situations::make(n: 1.8, t: 1 / 100, iso: 100, mode: ExposureMode::Manual, subject: -2 / 3)),
            null,
            'kind',
        );

        $this->assertSame('1/50 s', (string) $kinds['time-and-iso']->exposure->settings->time);
        $this->assertSame('ISO 200', (string) $kinds['time-and-iso']->exposure->settings->iso);
        $this->assertNotSame([], $kinds['time-and-iso']->effect->costs);
    }

    public function test_a_lens_whose_widest_is_unknown_is_not_promised_to_open(): void
    {
        $kinds = array_column(
            $this->suggest(Situations::make(mode: ExposureMode::Manual, widest: null, subject: 0.0)),
            'kind',
        );

        $this->assertNotContains('aperture', $kinds);
    }

    public function test_full_automatic_is_told_to_take_the_decision_back(): void
    {
        $best = $this->suggest(Situations::make(mode: ExposureMode::Auto, subject: 0.0))[0];

        $this->assertSame(ExposureMode::Manual, $best->exposure->mode);
        $this->assertStringStartsWith('Switch to manual', $best->title);
    }

    public function test_nothing_is_suggested_when_nothing_needs_to_move_or_too_little_is_known(): void
    {
        $this->assertSame([], $this->suggest(Situations::make(subject: 1.25)));
        $this->assertSame([], $this->suggest(Situations::make(subject: null)));
        $this->assertSame([], $this->suggest(Situations::make(iso: null)));
    }

    /** @return list<Suggestion> */
    private function suggest(\TruePupil\Core\Situation\Situation $situation): array
    {
        return (new PlacementAdviser())->suggest($situation);
    }
}
