<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Eris\Generators;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Search;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\DepthOfField;

final class AdviserPropertiesTest extends PropertyTestCase
{
    public function test_what_is_said_to_meet_every_demand_does(): void
    {
        $this->forAll(
            Generators::choose(-60, 170),
            $this->anyMask(7),
            Generators::choose(0, 59),
            Generators::choose(0, 287),
            Generators::choose(60, 2000),
        )
            ->then(function (int $light, int $mask, int $extras, int $choice, int $centimetres): void {
                $request = new AdviceRequest(
                    Ev100::of($light / 10),
                    self::kit($mask, $extras, $extras % 7 === 0),
                    self::intent($choice, $centimetres / 100),
                );
                $advice = KitAdviser::advise($request);
                $meets = array_filter(
                    $advice->suggestions,
                    fn (Suggestion $suggestion): bool => $suggestion->effect->meets,
                );

                $this->assertLessThanOrEqual(3, count($advice->suggestions));
                $this->assertSame(
                    $advice->impossible === null,
                    $meets !== [],
                    'either something meets every demand or the reason is given',
                );
                foreach ($advice->suggestions as $suggestion) {
                    $this->assertCanBeDone($request, $suggestion);
                }
                foreach ($meets as $suggestion) {
                    $this->assertMeets($request, $suggestion);
                }
            });
    }

    public function test_another_lens_or_a_tripod_never_makes_the_best_worse(): void
    {
        $this->forAll(
            Generators::choose(-60, 170),
            $this->anyMask(7),
            Generators::choose(0, 59),
            Generators::choose(0, 287),
            Generators::choose(60, 2000),
            Generators::choose(0, 6),
        )
            ->then(function (int $light, int $mask, int $extras, int $choice, int $centimetres, int $added): void {
                $kit = self::kit($mask, $extras);
                [$short, $long, $wide, $tele, $smallest, $closest] = self::LENSES[$added];
                $cost = fn (Kit $kit): float => (new Search(
                    new AdviceRequest(Ev100::of($light / 10), $kit, self::intent($choice, $centimetres / 100)),
                ))->bestOfAll()->cost ?? INF;
                $before = $cost($kit);
                $lens = new Kit(
                    $kit->body,
                    [...$kit->lenses, new Lens('another', $short, $long, $wide, $tele, $smallest, $closest)],
                    $kit->supports,
                    $kit->filters,
                );
                $tripod = new Kit($kit->body, $kit->lenses, [...$kit->supports, Support::Tripod], $kit->filters);

                $this->assertLessThanOrEqual($before, $cost($lens));
                $this->assertLessThanOrEqual($before, $cost($tripod));
            });
    }

    public function test_the_one_thing_that_would_help_helps(): void
    {
        $seen = 0;
        $this->forAll(
            Generators::choose(-60, 30),
            $this->anyMask(7),
            Generators::choose(0, 59),
            Generators::choose(0, 287),
            Generators::choose(60, 2000),
        )
            ->then(function (int $light, int $mask, int $extras, int $choice, int $centimetres) use (&$seen): void {
                $request = new AdviceRequest(
                    Ev100::of($light / 10),
                    self::kit($mask, $extras),
                    self::intent($choice, $centimetres / 100),
                );
                foreach (KitAdviser::advise($request)->impossible->wouldHelp ?? [] as $remedy) {
                    $this->assertTrue($remedy->settings?->effect->meets, $remedy->sentence);
                    $helped = match ($remedy->what) {
                        'light' => $request->with(light: Ev100::of($request->light->value + $remedy->amount)),
                        'tripod' => $request->with(
                            kit: new Kit(
                                $request->kit->body,
                                $request->kit->lenses,
                                [...$request->kit->supports, Support::Tripod],
                                $request->kit->filters,
                            ),
                        ),
                        'filter' => $request->with(
                            kit: $request->kit->with(filters: [...$request->kit->filters, $remedy->amount]),
                        ),
                        default => null,
                    };
                    if ($helped !== null) {
                        $seen++;
                        $this->assertNull(
                            KitAdviser::advise($helped)->impossible,
                            sprintf('%s of %s', $remedy->what, $remedy->amount),
                        );
                    }
                }
            });
        $this->assertGreaterThan(0.1 * self::cases(), $seen);
    }

    private function assertCanBeDone(AdviceRequest $request, Suggestion $suggestion): void
    {
        $lens = $request->kit->lensNamed($suggestion->lens->name);
        $limits = $request->kit->body->limits;
        $this->assertNotNull($lens);
        $this->assertTrue($lens->covers((float) $suggestion->lens->focalLength));
        $this->assertContains($suggestion->support, $request->kit->supports);
        $this->assertContains($suggestion->exposure->filterStops, $request->kit->filterSums());
        $this->assertGreaterThanOrEqual(
            $lens->widestAt((float) $suggestion->lens->focalLength)->exact * 0.999,
            $suggestion->exposure->settings->aperture->exact,
        );
        $this->assertLessThanOrEqual($lens->smallest * 1.03, $suggestion->exposure->settings->aperture->exact);
        $this->assertGreaterThanOrEqual($limits->fastest * 0.97, $suggestion->exposure->settings->time->exact);
        if ($suggestion->exposure->mode !== ExposureMode::Bulb || $suggestion->support !== Support::Tripod) {
            $this->assertLessThanOrEqual($limits->slowest * 1.07, $suggestion->exposure->settings->time->exact);
        }
        $this->assertGreaterThanOrEqual($limits->isoMin * 0.97, $suggestion->exposure->settings->iso->exact);
        $this->assertLessThanOrEqual($limits->isoMax * 1.03, $suggestion->exposure->settings->iso->exact);
    }

    private function assertMeets(AdviceRequest $request, Suggestion $suggestion): void
    {
        [$intent, $format] = [$request->intent, $request->kit->body->format];
        [$n, $t, $iso, $f] = [
            $suggestion->exposure->settings->aperture->exact,
            $suggestion->exposure->settings->time->exact,
            $suggestion->exposure->settings->iso->exact,
            (float) $suggestion->lens->focalLength,
        ];
        $this->assertEqualsWithDelta(
            $request->light->value - $suggestion->exposure->filterStops,
            log($n ** 2 / $t, 2) - log($iso / 100, 2),
            1 / 6 + 1e-6,
            'the light balances',
        );
        $this->assertLessThanOrEqual(($intent->maxIso ?? INF) * 1.03, $iso);
        if ($intent->distances->near !== null && $intent->distances->far !== null) {
            $depth = DepthOfField::of($f, $n, (float) $suggestion->lens->focusDistance, $format->circleOfConfusion());
            $this->assertLessThanOrEqual($intent->distances->near * 1.0001, $depth->near);
            $this->assertGreaterThanOrEqual($intent->distances->far * 0.9999, $depth->far ?? INF);
        }
        if ($intent->asksForSeparation()) {
            $this->assertGreaterThanOrEqual(
                $intent->distances->separation * 0.9999,
                BlurDisc::of(
                    $f,
                    $n,
                    (float) $intent->distances->subject,
                    (float) $intent->distances->background,
                )->percentOfWidth($format),
            );
        }
        if ($suggestion->support !== Support::Tripod) {
            $steadier = $request->kit->body->stabiliserStops + (float) $suggestion->support?->stopsSteadier();
            // Along a pan only shake across it counts.
            $steadier += $intent->movement?->want === MovementLook::Pan ? 2.0 : 0.0;
            $this->assertLessThanOrEqual((2 ** $steadier / ($format->crop() * $f)) * 1.0001, $t);
        }
        if (
            $intent->movement?->speed !== null &&
            in_array($intent->movement->want, [MovementLook::Freeze, MovementLook::Acceptable], true)
        ) {
            $circles =
                SubjectBlur::of($intent->movement->speed, 0.0, $f, (float) $intent->distances->subject, $format)->after(
                    $t,
                ) / $format->circleOfConfusion();
            $this->assertLessThanOrEqual($intent->movement->want === MovementLook::Freeze ? 1.0001 : 4.0001, $circles);
        }
        if ($intent->movement?->want === MovementLook::Silk) {
            $this->assertGreaterThanOrEqual(0.4999, $t);
        }
        if ($intent->focalLength35 !== null) {
            $this->assertEqualsWithDelta(0.0, log(($f * $format->crop()) / $intent->focalLength35, 2), 0.2501);
        }
    }
}
