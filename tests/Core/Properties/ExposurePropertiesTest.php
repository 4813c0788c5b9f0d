<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Eris\Generators;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\SetValues;
use TruePupil\Core\Optics\DepthOfField;

final class ExposurePropertiesTest extends PropertyTestCase
{
    public function test_equivalent_settings_have_equal_exposure(): void
    {
        $this->forAll(
            $this->thirds(3, 24),
            $this->thirds(-30, 12),
            $this->thirds(0, 18),
            $this->thirds(-3, 3),
            $this->thirds(-3, 3),
        )
            ->then(function (int $aperture, int $time, int $iso, int $open, int $noise): void {
                $first = new ExposureSettings(
                    Aperture::atStep($aperture),
                    ExposureTime::atStep($time),
                    Iso::atStep($iso),
                );
                // So many thirds wider and more sensitive, and as many shorter.
                $second = new ExposureSettings(
                    Aperture::atStep($aperture - $open),
                    ExposureTime::atStep($time - $open - $noise),
                    Iso::atStep($iso + $noise),
                );

                $this->assertEqualsWithDelta($first->ev100()->value, $second->ev100()->value, 1e-9);
                $this->assertEqualsWithDelta(0.0, $first->stopsBrighterThan($second)->value, 1e-9);
            });
    }

    public function test_opening_up_never_deepens_depth_of_field(): void
    {
        $this->forAll(
            $this->thirds(1, 30),
            Generators::choose(10, 400),
            Generators::choose(50, 5000),
            Generators::choose(8, 40),
        )
            ->then(function (int $aperture, int $focalLength, int $centimetres, int $micrometres): void {
                $at = fn (int $step): DepthOfField => DepthOfField::of(
                    $focalLength,
                    Aperture::atStep($step)->exact,
                    $centimetres / 100,
                    $micrometres / 1000,
                );
                [$closed, $open] = [$at($aperture), $at($aperture - 1)];

                $this->assertGreaterThanOrEqual($closed->near, $open->near);
                $this->assertLessThanOrEqual($closed->far ?? INF, $open->far ?? INF);
                $this->assertGreaterThanOrEqual($closed->hyperfocal, $open->hyperfocal);
                $this->assertLessThanOrEqual($centimetres / 100, $open->near);
            });
    }

    public function test_the_camera_s_answer_balances_the_light_or_says_which_limit_it_met(): void
    {
        $modes = [
            ExposureMode::Program,
            ExposureMode::Aperture,
            ExposureMode::Shutter,
            ExposureMode::ManualAutoIso,
            ExposureMode::Auto,
        ];
        $this->forAll(
            Generators::choose(-8 * 10, 18 * 10),
            Generators::elements(...$modes),
            $this->thirds(3, 24),
            $this->thirds(-36, 15),
            $this->thirds(0, 21),
            Generators::choose(-9, 9),
            Generators::choose(0, 7),
        )
            ->then(function (
                int $light,
                ExposureMode $mode,
                int $aperture,
                int $time,
                int $iso,
                int $compensation,
                int $setup,
            ): void {
                $request = new ExposureRequest(
                    sceneEv100: $light / 10,
                    mode: $mode,
                    lens: new LensLimits(2.8, 22),
                    body: new BodyLimits(fastest: 1 / 4000, isoMax: 12800),
                    set: new SetValues(
                        aperture: Aperture::atStep($aperture),
                        time: ExposureTime::atStep($time),
                        iso: $setup % 2 === 0 ? Iso::atStep($iso) : null,
                        autoIso: $setup % 2 === 1
                            ? new AutoIso(100, [800, 6400, 12800, 3200][$setup % 4], $setup > 3 ? 1 / 60 : null)
                            : null,
                        compensation: $compensation / 3,
                    ),
                );
                $solved = ExposureSolver::solve($request);
                $settings = $solved->settings;
                $error = $request->sceneEv100 - $settings->ev100()->value - $request->compensationCounted();

                $this->assertEqualsWithDelta(
                    $error,
                    $solved->error->value,
                    1e-6,
                    'the error that remains is the one reported',
                );
                $this->assertTrue(
                    abs($error) <= 1 / 6 + 1e-6 || $solved->limits !== [],
                    sprintf('%.3f stops left over and no limit named', $error),
                );
                // Nothing that body or lens cannot do.
                $this->assertGreaterThanOrEqual(2.8 * 0.97, $settings->aperture->exact);
                $this->assertGreaterThanOrEqual((1 / 4000) * 0.97, $settings->time->exact);
                $this->assertLessThanOrEqual(12800 * 1.03, $settings->iso->exact);
            });
    }
}
