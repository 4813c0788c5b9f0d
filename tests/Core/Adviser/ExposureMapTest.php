<?php

declare(strict_types=1);

namespace Tests\Core\Adviser;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Adviser\FillTimes;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\MapPoint;
use TruePupil\Core\Adviser\MapZone;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class ExposureMapTest extends TestCase
{
    public function test_the_light_forces_iso(): void
    {
        $map = $this->map(new Intent(distances: new IntendedDistances(subject: 3.0), focalLength35: 50));

        // EV 10: ƒ/4 (24 thirds halved: step 12) at 1/60 s (step 18) is ISO 100; a stop shorter is ISO 200.
        $this->assertEqualsWithDelta(100.0, $map->isoAt(12, 18), 1e-9);
        $this->assertEqualsWithDelta(200.0, $map->isoAt(12, 21), 1e-9);
        $this->assertEqualsWithDelta(200.0, $map->isoAt(15, 18), 1e-9);
    }

    public function test_each_zone_bars_what_it_says_and_no_more(): void
    {
        $map = $this->map(
            new Intent(
                distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4),
                movement: new Movement(MovementLook::Acceptable, 1.4),
                focalLength35: 50,
                maxIso: 3200,
            ),
        );
        $reasons = fn (float $av, float $tv): array => array_map(
            fn (MapZone $zone): string => $zone->reason,
            $map->at((int) round($av * 3), (int) round($tv * 3)),
        );

        // ƒ/4, 1/250 s, ISO 400.
        $this->assertSame([], $reasons(4, 8));
        $this->assertContains('not-deep-enough', $reasons(2, 8));
        $this->assertContains('subject-blur', $reasons(4, 6));
        $this->assertContains('shake', $reasons(4, 4));
        $this->assertContains('too-noisy', $reasons(4, 12));
        $this->assertContains('beyond-lens', $reasons(1, 8));
        $this->assertContains('beyond-camera', $reasons(4, 13 + 1 / 3));
        $this->assertContains('too-bright', $reasons(4, 2));
    }

    public function test_a_suggestion_never_lies_in_a_barred_cell(): void
    {
        $advice = KitAdviser::advise(
            new AdviceRequest(
                Ev100::of(10.0),
                Situations::kit(),
                new Intent(
                    distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4),
                    movement: new Movement(MovementLook::Acceptable, 1.4),
                    focalLength35: 50,
                ),
            ),
        );
        $first = $advice->map?->points[0];
        $barring = array_filter(
            $advice->map?->at((int) round($first->apertureStep ?? 0), (int) round($first->timeStep ?? 0)) ?? [],
            fn (MapZone $zone): bool => $zone->bars,
        );

        $this->assertSame([], array_values($barring));
    }

    public function test_the_flash_fills_from_where_it_reaches_to_where_it_syncs(): void
    {
        $intent = new Intent(distances: new IntendedDistances(subject: 4.0), focalLength35: 50);
        $reach = fn (float $light, array $flash): ?FillTimes => KitAdviser::advise(
            new AdviceRequest(Ev100::of($light), Situations::kit(more: $flash), $intent),
        )->map?->flash;
        $kit = ['flash' => ['guideNumber' => 32]];

        // GN 32 at 4 m is ƒ/8 at ISO 100, Av 6; at EV 12 and one and a half stops under, Tv 12 − 6 − 1.5 = 4.5 and up.
        $this->assertEqualsWithDelta(4.5, $reach(12.0, $kit)->from ?? 0.0, 0.05);
        $this->assertEqualsWithDelta(log(200, 2), $reach(12.0, $kit)->to ?? 0.0, 0.4);
        $this->assertNotNull($reach(14.9, $kit)->from ?? null);
        $this->assertNull($reach(15.6, $kit)->from ?? null);
        $this->assertStringContainsString('too weak to fill', $reach(15.6, $kit)->why ?? '');
        $fast = ['flash' => ['guideNumber' => 32, 'highSpeedSync' => true]];
        $this->assertGreaterThan(11.0, $reach(12.0, $fast)->to ?? 0.0);
        $this->assertLessThan(8.5, $reach(14.5, $fast)->to ?? 99.0, 'high-speed sync would lose more than there is');
        $this->assertNull($reach(12.0, []));
    }

    public function test_points_are_added_before_those_it_has(): void
    {
        $map = $this->map(new Intent(focalLength35: 50));
        $frame = MapPoint::of(
            'frame',
            'frame',
            new ExposureSettings(Aperture::of(4), ExposureTime::of(1 / 60), Iso::of(100)),
            $map->increment,
        );

        $this->assertSame('frame', $map->with($frame)->points[0]->what);
        $this->assertSame([12.0, 18.0], [$frame->apertureStep, $frame->timeStep]);
        $this->assertCount(count($map->points) + 1, $map->with($frame)->points);
    }

    private function map(Intent $intent): ExposureMap
    {
        return KitAdviser::advise(
            new AdviceRequest(Ev100::of(10.0), Situations::kit(more: ['supports' => ['hand']]), $intent),
        )->map ?? throw new \LogicException('no map');
    }
}
