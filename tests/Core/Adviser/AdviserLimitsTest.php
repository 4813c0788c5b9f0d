<?php

declare(strict_types=1);

namespace Tests\Core\Adviser;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\Grid;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\LensChoice;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;

/** Both sides of what the adviser calls near enough, strong and different in kind. */
final class AdviserLimitsTest extends TestCase
{
    public function test_a_lens_a_quarter_of_a_doubling_beside_the_framing_still_does(): void
    {
        $kit = Situations::kit(
            more: ['lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 1.8]]],
        );
        $framed = fn (float $wanted): array => LensChoice::all($kit, new Intent(focalLength35: $wanted));

        $this->assertCount(1, $framed(50 * 2 ** 0.24));
        $this->assertCount(1, $framed(50 / 2 ** 0.24));
        $this->assertSame([], $framed(50 * 2 ** 0.26));
        $this->assertSame([], $framed(50 / 2 ** 0.26));
    }

    public function test_a_filter_of_six_stops_is_set_by_hand(): void
    {
        // ƒ/1.8 in full sun asks for more than 1/500 s at the lowest ISO: only a filter makes room.
        $mode = fn (float $stops): ?ExposureMode => $this->filtered($stops)?->exposure->mode;

        $this->assertSame(ExposureMode::Aperture, $mode(5.0));
        $this->assertSame(ExposureMode::Manual, $mode(6.0));
    }

    public function test_other_settings_differ_by_a_whole_stop(): void
    {
        $request = new AdviceRequest(Ev100::of(8.0), Situations::kit(), new Intent(focalLength35: 50));
        $suggestions = KitAdviser::advise($request)->suggestions;
        $first = $suggestions[0]->exposure->settings;
        $kinds = [];
        foreach (array_slice($suggestions, 1) as $suggestion) {
            $settings = $suggestion->exposure->settings;
            $kinds[$suggestion->kind] = match ($suggestion->kind) {
                'deeper' => $settings->aperture->apex() - $first->aperture->apex(),
                'cleaner' => $first->iso->stopsMoreThan($settings->iso)->value,
                'safer' => $settings->time->apex() - $first->time->apex(),
                default => null,
            };
        }
        $steps = array_filter($kinds, fn (?float $stops): bool => $stops !== null);

        $this->assertNotSame([], $steps);
        foreach ($steps as $kind => $stops) {
            // The nearest that differs in kind: one stop, not two thirds and not a stop and a third.
            $this->assertEqualsWithDelta(1.0, $stops, 0.01, $kind);
        }
    }

    public function test_half_a_third_of_a_stop_balances_the_light(): void
    {
        $this->assertGreaterThan(1 / 6, Grid::BALANCED);
        // Every exposure that is offered gives the light within half a third.
        foreach ([5.0, 6.1, 7.3, 8.45, 9.55, 11.2] as $light) {
            foreach ($this->advise($light)->suggestions as $suggestion) {
                $this->assertEqualsWithDelta($light, $suggestion->exposure->settings->ev100()->value, 1 / 6 + 1e-6);
            }
        }
    }

    public function test_what_misses_least_comes_nearest_whatever_is_preferred(): void
    {
        // Depth to the horizon from 1 m by hand in the dark: no setting gives it.
        $request = new AdviceRequest(
            Ev100::of(-2.0),
            Situations::kit(),
            new Intent(distances: new IntendedDistances(near: 1.0, far: INF), focalLength35: 50, maxIso: 200),
        );
        $advice = KitAdviser::advise($request);

        $this->assertNotSame([], $advice->suggestions);
        foreach ($advice->suggestions as $suggestion) {
            $this->assertFalse($suggestion->effect->meets);
        }
    }

    private function filtered(float $stops): ?Suggestion
    {
        $kit = Situations::kit(
            ['fastest' => 1 / 500, 'isoMin' => 100],
            ['filters' => [$stops], 'supports' => ['hand']],
        );
        $intent = new Intent(
            distances: new IntendedDistances(subject: 3.0, background: 20.0, separation: 2.4),
            focalLength35: 50,
        );
        $suggestions = KitAdviser::advise(new AdviceRequest(Ev100::of(15.5), $kit, $intent))->suggestions;

        return array_values(
            array_filter($suggestions, fn (Suggestion $one): bool => $one->exposure->filterStops === $stops),
        )[0] ?? null;
    }

    private function advise(float $light): Advice
    {
        return KitAdviser::advise(
            new AdviceRequest(Ev100::of($light), Situations::kit(), new Intent(focalLength35: 50)),
        );
    }
}
