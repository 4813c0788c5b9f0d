<?php

declare(strict_types=1);

namespace Tests\Core\Approach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\Search;
use TruePupil\Core\Adviser\Setup;
use TruePupil\Core\Adviser\TakenFrame;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** The price list of the search: what each departure from an ideal costs, in stops of ISO above base. */
final class WeightsTest extends TestCase
{
    /** @return iterable<string, array{float, float}> ISO and its cost, with a base of 100 and 800 still comfortable */
    public static function isos(): iterable
    {
        yield 'base costs nothing' => [100, 0.0];
        // A tenth of a stop of regret for the first, and more the more there are: 0.1·s·(1 + s/4).
        yield 'two stops above base' => [400, 0.3];
        yield 'as far as is comfortable' => [800, 0.525];
        yield 'a stop beyond is steep' => [1600, 0.8 + 1.0];
        yield 'a stop below base' => [50, 1.5];
    }

    #[DataProvider('isos')]
    public function test_iso(float $iso, float $cost): void
    {
        $search = $this->search();

        $this->assertEqualsWithDelta($cost, $search->isoCost($search->setups[0]->demands, log($iso / 100, 2)), 1e-9);
    }

    public function test_carrying(): void
    {
        $search = $this->search();
        $cost = fn (Support $support, float $filter = 0.0): float => $search->fixedCost(
            new Setup($this->supported($search, $support)->choice, $search->setups[0]->demands, $support, $filter),
        );

        $this->assertEqualsWithDelta(0.0, $cost(Support::Hand), 1e-9);
        $this->assertEqualsWithDelta(0.2, $cost(Support::Braced), 1e-9);
        $this->assertEqualsWithDelta(0.6, $cost(Support::Monopod), 1e-9);
        $this->assertEqualsWithDelta(1.0, $cost(Support::Tripod), 1e-9);
        $this->assertEqualsWithDelta(0.5, $cost(Support::Hand, 3.0), 1e-9, 'any filter costs the same');
        $this->assertEqualsWithDelta(1.5, $cost(Support::Tripod, 10.0), 1e-9);
    }

    public function test_framing_beside_what_was_asked_for(): void
    {
        // 46 mm asked for, 50 mm at hand.
        $search = $this->search(new Intent(focalLength35: 46));

        $this->assertEqualsWithDelta(4.0 * log(50 / 46, 2), $search->fixedCost($search->setups[0]), 1e-9);
    }

    public function test_apertures_without_depth_wanted(): void
    {
        $search = $this->search();
        $demands = $search->setups[0]->demands;
        $cost = fn (float $n): float => $search->apertureCost($demands, 2 * log($n, 2));

        $this->assertEqualsWithDelta(0.0, $cost(8), 1e-9, 'the middle of the lens');
        $wider = fn (float $stops): float => 0.15 * $stops * (1 + $stops / 4);
        $this->assertEqualsWithDelta($wider(1), $cost(8 / sqrt(2)), 1e-9, 'a stop wider');
        $this->assertEqualsWithDelta($wider(2), $cost(4), 1e-9, 'two stops wider');
        $this->assertEqualsWithDelta(
            $wider(6 - $demands->aperture->widest) + 0.25,
            $search->apertureCost($demands, $demands->aperture->widest),
            1e-9,
            'wide open',
        );
    }

    public function test_diffraction_from_where_it_shows(): void
    {
        $search = $this->search();
        $demands = $search->setups[0]->demands;
        $cost = fn (float $av): float => $search->apertureCost($demands, $av);
        $beyond = fn (float $av): float => $cost($av + 1) - $cost($av);

        $this->assertNotNull($demands->aperture->pixel);
        $this->assertLessThan($demands->aperture->print, $demands->aperture->pixel, 'single pixels show it first');
        // A stop beyond the middle costs 0.25; where pixels show diffraction 0.25 more, in a print 1 more again.
        $this->assertEqualsWithDelta(0.25 + 0.25, $beyond(max($demands->aperture->pixel, 6.0)), 1e-9);
        $this->assertEqualsWithDelta(0.25 + 0.25 + 1.0, $beyond($demands->aperture->print), 1e-9);
        $this->assertGreaterThan(
            $search->apertureCost($demands, $demands->aperture->print) + 0.25 * 0.5 + 0.25 * 0.5,
            $search->apertureCost($demands, $demands->aperture->print + 0.5),
        );
    }

    public function test_depth_to_spare_and_an_aperture_that_was_chosen(): void
    {
        $deep = $this->search(new Intent(distances: new IntendedDistances(subject: 3.0, near: 1.4, far: 30.0)));
        $demands = $deep->setups[0]->demands;
        $this->assertNotNull($demands->aperture->depth);
        $this->assertGreaterThan(6.0, $demands->aperture->depth, 'smaller than the middle of the lens');
        $cost = fn (float $beyond): float => $deep->apertureCost($demands, $demands->aperture->depth + $beyond);
        // Half a stop to spare costs nothing, just deep enough a little, and more than that the depth not needed.
        $preferred = $demands->aperture->depth + 0.5;
        $this->assertEqualsWithDelta($preferred, $demands->aperture->preferred, 1e-9);
        $this->assertGreaterThan($cost(0.5), $cost(2.0), 'and no more');

        $taken = $this->search(taken: new TakenFrame(Aperture::of(4)));
        $this->assertEqualsWithDelta(0.0, $taken->apertureCost($taken->setups[0]->demands, 4.0), 1e-9);
        $aStopFrom = $taken->apertureCost($taken->setups[0]->demands, 5.0);
        $this->assertEqualsWithDelta(0.4, $aStopFrom, 1e-9);
    }

    public function test_times_near_what_hands_hold_cost_until_a_stop_faster(): void
    {
        $search = $this->search();
        $hand = $this->supported($search, Support::Hand);
        $found = [];
        foreach ($search->all($hand) as $candidate) {
            $beside =
                $search->fixedCost($hand) +
                $search->isoCost($hand->demands, $candidate->sv) +
                $search->apertureCost($hand->demands, $candidate->av);
            $found[(string) round($candidate->tv - (float) $hand->demands->time->shake, 2)] =
                $candidate->cost - $beside;
        }
        $this->assertNotEmpty($found);
        $near = 0;
        foreach ($found as $room => $cost) {
            // Nothing steadies it: what hands hold with and without is the same.
            $this->assertEqualsWithDelta((0.4 + 0.25) * max(0.0, 1 - (float) $room), $cost, 0.01, "$room stops faster");
            $near += (float) $room < 1 ? 1 : 0;
        }
        $this->assertGreaterThan(0, $near, 'some lie within a stop');
        $this->assertLessThan(count($found), $near, 'and some beyond');
    }

    public function test_longer_than_a_look_needs_costs_from_a_stop_on(): void
    {
        $search = $this->search(new Intent(movement: new Movement(MovementLook::Silk)), ev: 8.0);
        $tripod = $this->supported($search, Support::Tripod);
        $this->assertNotNull($tripod->demands->time->look);
        $longer = 0;
        foreach ($search->all($tripod) as $candidate) {
            $beside =
                $search->fixedCost($tripod) +
                $search->isoCost($tripod->demands, $candidate->sv) +
                $search->apertureCost($tripod->demands, $candidate->av);
            $stops = $tripod->demands->time->look - $candidate->tv;
            // Silk only grows smoother.
            $this->assertEqualsWithDelta(0.08 * max(0.0, $stops - 1), $candidate->cost - $beside, 1e-6);
            $longer += $stops > 1.5 ? 1 : 0;
        }
        $this->assertGreaterThan(0, $longer);
    }

    private function search(Intent $intent = new Intent(), float $ev = 12.0, ?TakenFrame $taken = null): Search
    {
        $kit = KitFormat::read(
            Fields::of([
                'body' => [
                    'name' => 'Quoin',
                    'format' => '36x24',
                    'pixels' => [6000, 4000],
                    'fastest' => 1 / 8000,
                    'slowest' => 30,
                    'isoMin' => 50,
                    'isoBase' => 100,
                    'isoMax' => 12800,
                    'comfortableIso' => 800,
                ],
                'lenses' => [
                    [
                        'name' => 'Marlpit 50 mm',
                        'minFocal' => 50,
                        'maxFocal' => 50,
                        'widestAtMin' => 2,
                        'widestAtMax' => 2,
                        'smallest' => 22,
                        'closestFocus' => 0.45,
                    ],
                ],
                'supports' => ['hand', 'braced', 'monopod', 'tripod'],
            ]),
        );

        return new Search(new AdviceRequest(Ev100::of($ev), $kit, $intent, taken: $taken));
    }

    private function supported(Search $search, Support $support): Setup
    {
        foreach ($search->setups as $setup) {
            if ($setup->support === $support) {
                return $setup;
            }
        }
        $this->fail('The kit has no such support.');
    }
}
