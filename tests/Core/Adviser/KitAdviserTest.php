<?php

declare(strict_types=1);

namespace Tests\Core\Adviser;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Remedy;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\LandscapeAperture;
use TruePupil\Core\Approach\Weights;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** The adviser on cases that can be worked out by hand. */
final class KitAdviserTest extends TestCase
{
    public function test_a_walker_with_a_little_depth_by_hand(): void
    {
        $best = $this->advise(
            9.0,
            new Intent(
                distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4),
                movement: new Movement(MovementLook::Freeze, 1.4),
                focalLength35: 50,
                maxIso: 12800,
            ),
        )->suggestions[0];

        // Depth asks for ƒ/3.2 on the 50 mm, the walker at 3 m for 1/790 s, and the light then for ISO 2500.
        $this->assertTrue($best->effect->meets);
        $this->assertSame('Marlpit 50 mm', $best->lens->name);
        $this->assertSame('ƒ/3.5, 1/800 s, ISO 2000', (string) $best->exposure->settings);
        $this->assertSame(ExposureMode::Shutter, $best->exposure->mode);
    }

    public function test_silk_by_day_takes_a_tripod_and_a_filter(): void
    {
        $advice = $this->advise(13.0, new Intent(movement: new Movement(MovementLook::Silk), focalLength35: 50), [
            'filters' => [3, 6, 10],
        ]);
        $best = $advice->suggestions[0];

        $this->assertTrue($best->effect->meets);
        $this->assertSame(Support::Tripod, $best->support);
        $this->assertGreaterThanOrEqual(6.0, $best->exposure->filterStops);
        $this->assertSame(ExposureMode::Manual, $best->exposure->mode);
        $this->assertContains(
            'turns water to silk',
            array_map(fn (string $gain): string => substr($gain, -19), $best->effect->gains),
        );
    }

    public function test_three_ways_that_differ_in_kind(): void
    {
        $kinds = array_map(
            fn (Suggestion $suggestion): string => $suggestion->kind,
            $this->advise(
                6.0,
                new Intent(distances: new IntendedDistances(subject: 3.0, near: 2.8, far: 3.3), focalLength35: 50),
            )->suggestions,
        );

        $this->assertSame('best', $kinds[0]);
        $this->assertCount(3, array_unique($kinds));
    }

    public function test_too_little_light_says_how_much_and_what_would_help(): void
    {
        $kit = Situations::kit(
            ['isoMax' => 1600],
            ['supports' => ['hand'], 'lenses' => [['name' => 'slow', 'minFocal' => 50, 'widestAtMin' => 4]]],
        );
        // Hands hold 1/50 s; ƒ/4 at ISO 1600 then asks for EV 5.6. Three stops less are missing.
        $advice = KitAdviser::advise(
            new AdviceRequest(Ev100::of(2.6), $kit, new Intent(distances: new IntendedDistances(subject: 3.0))),
        );
        $helps = array_column(
            array_map(fn (Remedy $remedy): array => $remedy->toArray(), $advice->impossible->wouldHelp ?? []),
            'amount',
            'what',
        );

        $this->assertStringContainsString('too little light', (string) $advice->impossible?->reason);
        // A shortage is rounded up: less would not be enough.
        $this->assertStringContainsString('3⅓ stops short', (string) $advice->impossible->reason);
        // As there are to be had: lamps by the stop, a lens of ƒ/1.4.
        $this->assertSame([3.0, 1.0, 1.4], [$helps['light'], $helps['tripod'], $helps['lens']]);
        foreach ($advice->impossible->wouldHelp as $remedy) {
            $this->assertTrue($remedy->settings?->effect->meets, $remedy->sentence);
            $this->assertStringContainsString((string) $remedy->settings->exposure->settings, $remedy->sentence);
        }
        $this->assertFalse($advice->suggestions[0]->effect->meets);
    }

    public function test_too_much_light_names_the_filter(): void
    {
        $kit = Situations::kit(['isoMin' => 100], ['supports' => ['tripod']]);
        // Silk at ƒ/22 and ISO 100 for half a second is EV 9.9; at 15 five stops are too many.
        $advice = KitAdviser::advise(
            new AdviceRequest(
                Ev100::of(15.0),
                $kit,
                new Intent(movement: new Movement(MovementLook::Silk), focalLength35: 200),
            ),
        );
        $helps = array_column(
            array_map(fn (Remedy $remedy): array => $remedy->toArray(), $advice->impossible->wouldHelp ?? []),
            'amount',
            'what',
        );

        $this->assertStringContainsString('too much light', (string) $advice->impossible?->reason);
        $this->assertSame(6.0, $helps['filter'], 'as it is sold');
    }

    public function test_a_filter_that_helps_adds_to_those_at_hand(): void
    {
        $helps = function (array $filters): ?Remedy {
            $kit = Situations::kit(['isoMin' => 100], ['supports' => ['tripod'], 'filters' => $filters]);
            $advice = KitAdviser::advise(
                new AdviceRequest(
                    Ev100::of(15.0),
                    $kit,
                    new Intent(movement: new Movement(MovementLook::Silk), focalLength35: 200),
                ),
            );
            foreach ($advice->impossible->wouldHelp ?? [] as $remedy) {
                if ($remedy->what === 'filter') {
                    return $remedy;
                }
            }

            return null;
        };

        // Five stops are too many: beside one of three another of three does, as they are sold.
        $this->assertSame(3.0, $helps([3.0])?->amount);
        $this->assertStringContainsString('another filter, of 3 stops', $helps([3.0])->sentence);
        $this->assertSame(6.0, $helps([])?->amount);
        $this->assertNull($helps([6.0]), 'one of six is enough');
    }

    public function test_no_lens_that_focuses_so_near_says_how_far_to_step_back(): void
    {
        $advice = $this->advise(10.0, new Intent(distances: new IntendedDistances(subject: 0.2), focalLength35: 50));

        $this->assertSame([], $advice->suggestions);
        $this->assertSame(
            'A subject at 0.2 m is inside the closest focus of every lens of the kit, 0.4 m.',
            $advice->impossible?->reason,
        );
        $this->assertSame(
            ['distance', 0.4],
            [$advice->impossible?->wouldHelp[0]->what, $advice->impossible->wouldHelp[0]->amount],
        );
    }

    public function test_the_approach_moves_the_weights(): void
    {
        $at = fn (Approach $approach): float => KitAdviser::advise(
            new AdviceRequest(
                Ev100::of(13.0),
                Situations::kit(more: ['supports' => ['tripod']]),
                new Intent(focalLength35: 50),
                $approach,
            ),
        )->suggestions[0]->exposure->settings->aperture->exact;

        $this->assertGreaterThan(
            $at(new Approach()),
            $at(new Approach(picture: new ApproachToPicture(landscapeAperture: LandscapeAperture::Small))),
        );
        $weights = Weights::of(Approach::fromArray(['weights' => ['noise' => 0, 'preferredAv' => 2.0]]));
        $this->assertSame(
            2.0,
            KitAdviser::advise(
                new AdviceRequest(
                    Ev100::of(13.0),
                    Situations::kit(),
                    new Intent(focalLength35: 50),
                    new Approach(),
                    $weights,
                ),
            )->suggestions[0]->exposure->settings->aperture->nominal(),
        );
    }

    public function test_a_weight_that_does_not_exist_is_refused(): void
    {
        $this->expectExceptionMessage('no such weight: "fame"');
        Approach::fromArray(['weights' => ['fame' => 2]]);
    }

    public function test_the_same_request_has_the_same_answer(): void
    {
        $ask = fn (): array => $this->advise(
            7.0,
            new Intent(distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4)),
        )->toArray();

        $this->assertSame($ask(), $ask());
    }

    /** @param  array<string, mixed>  $more */
    private function advise(float $light, Intent $intent, array $more = []): Advice
    {
        return KitAdviser::advise(new AdviceRequest(Ev100::of($light), Situations::kit(more: $more), $intent));
    }
}
