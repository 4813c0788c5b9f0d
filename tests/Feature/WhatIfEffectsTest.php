<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\WhatIf\WhatIfInput;
use App\WhatIf\WhatIfRenderer;
use GdImage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pictures;
use Tests\TestCase;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/** Trials on shape, surface and colour: each does what its numbers say, and leaves the rest alone. */
final class WhatIfEffectsTest extends TestCase
{
    public function test_colour_is_taken_or_added_everywhere_or_in_one_place(): void
    {
        $path = $this->halves();
        $taken = $this->render($path, StepKind::Saturation, ['amount' => -1.0]);
        $this->assertLessThan(6, $this->spread($taken, 150));
        $before = $this->spread($this->render($path, StepKind::Exposure, ['stops' => 0.0]), 150);
        $this->assertGreaterThan(
            $before + 20,
            $this->spread($this->render($path, StepKind::Saturation, ['amount' => 0.5]), 150),
        );
        $soft = $this->render($path, StepKind::Fade, [
            'x' => 0.0, 'y' => 0.0, 'width' => 0.45, 'height' => 1.0, 'amount' => 1.0, 'feather' => 0.02,
        ]);
        $this->assertLessThan(8, $this->spread($soft, 150));
        $this->assertEqualsWithDelta($this->spread($soft, 450), $this->spread($this->render(
            $path,
            StepKind::Exposure,
            ['stops' => 0.0],
        ), 450), 3);
    }

    public function test_corners_get_their_stops_and_the_middle_stays(): void
    {
        $image = $this->render($this->plain(100), StepKind::Corners, ['stops' => 1.0]);
        $light = fn (int $x, int $y): float => Srgb::linear($this->grey($image, $x, $y) / 255);
        $this->assertEqualsWithDelta(2 * Srgb::linear(100 / 255), $light(1, 1), 0.01);
        $this->assertEqualsWithDelta(Srgb::linear(100 / 255), $light(300, 200), 0.004);
        // Half way out a quarter of it.
        $this->assertEqualsWithDelta(2 ** 0.25 * Srgb::linear(100 / 255), $light(150, 100), 0.006);
    }

    public function test_a_spot_goes_and_what_surrounds_it_stays(): void
    {
        $path = Pictures::drawn(function (GdImage $image): void {
            for ($x = 0; $x < 600; $x++) {
                $grey = (int) (80 + $x / 6);
                imageline($image, $x, 0, $x, 399, (int) imagecolorallocate($image, $grey, $grey, $grey));
            }
            imagefilledellipse($image, 300, 200, 30, 30, (int) imagecolorallocate($image, 10, 10, 10));
        }, 600, 400);
        $image = $this->render($path, StepKind::Remove, ['x' => 0.46, 'y' => 0.44, 'width' => 0.08, 'height' => 0.12]);
        foreach ([285, 300, 315] as $x) {
            $this->assertEqualsWithDelta(80 + $x / 6, $this->grey($image, $x, 200), 5, "at $x the ramp goes on");
        }
        $this->assertEqualsWithDelta(80 + 500 / 6, $this->grey($image, 500, 200), 2);
        $this->assertEqualsWithDelta(80 + 240 / 6, $this->grey($image, 240, 200), 2);
    }

    public function test_what_converges_is_made_parallel_and_lines_stay_straight(): void
    {
        $line = function (GdImage $image, int $row): float {
            [$sum, $weight] = [0.0, 0.0];
            for ($x = 0; $x < 300; $x++) {
                $dark = 255 - $this->grey($image, $x, $row);
                [$sum, $weight] = [$sum + $x * $dark, $weight + $dark];
            }

            return $sum / max(1e-6, $weight);
        };
        // An upright that leans inwards to the top, as when a camera is pointed up.
        $path = Pictures::drawn(function (GdImage $image): void {
            imagefill($image, 0, 0, 0xFFFFFF);
            imagesetthickness($image, 5);
            imageline($image, 200, 0, 120, 399, 0);
        }, 600, 400);
        $before = $this->render($path, StepKind::Exposure, ['stops' => 0.0]);
        $this->assertEqualsWithDelta(72, $line($before, 20) - $line($before, 380), 4);
        // 100 px from the middle above, 180 below: with the scale 1 − t/2 both come to the same at t = 80/180.
        $top = (180 - 100) / 180;
        $after = $this->render($path, StepKind::Perspective, ['top' => $top, 'left' => 0.0]);
        $places = array_map(fn (int $row): float => $line($after, $row), [20, 200, 380]);
        $this->assertEqualsWithDelta($places[0], $places[2], 3);
        $this->assertEqualsWithDelta($places[0], $places[1], 3);
        $this->assertSame([600, 400], [imagesx($after), imagesy($after)]);
        foreach ([[2, 2], [597, 2], [2, 397], [597, 397]] as [$x, $y]) {
            $this->assertGreaterThan(200, $this->grey($after, $x, $y), 'nothing comes from outside');
        }
    }

    public function test_a_curved_line_is_straightened_by_the_amount_it_is_curved(): void
    {
        // Drawn where a picture bent by 0.15 has a straight line at a quarter of the height.
        [$amount, $aspect] = [0.15, 1.5];
        $path = Pictures::drawn(function (GdImage $image) use ($amount, $aspect): void {
            imagefill($image, 0, 0, 0xFFFFFF);
            for ($x = -40; $x < 640; $x++) {
                [$u, $v] = [($x + 0.5) / 600 - 0.5, -0.25];
                $square = (($u * $aspect) ** 2 + $v ** 2) / (($aspect ** 2 + 1) / 4);
                $factor = (1 + $amount * $square) / (1 + $amount);
                imagefilledellipse(
                    $image,
                    (int) round(600 * ($u * $factor + 0.5)),
                    (int) round(400 * ($v * $factor + 0.5)),
                    5,
                    5,
                    0,
                );
            }
        }, 600, 400);
        $height = function (GdImage $image, int $column): float {
            [$sum, $weight] = [0.0, 0.0];
            for ($y = 0; $y < 200; $y++) {
                $dark = 255 - $this->grey($image, $column, $y);
                [$sum, $weight] = [$sum + $y * $dark, $weight + $dark];
            }

            return $sum / max(1e-6, $weight);
        };
        $image = $this->render($path, StepKind::Curve, ['amount' => $amount]);
        foreach ([40, 300, 560] as $column) {
            $this->assertEqualsWithDelta(100, $height($image, $column), 2.5, "at $column");
        }
        $bent = $this->render($path, StepKind::Exposure, ['stops' => 0.0]);
        $this->assertGreaterThan(5, abs($height($bent, 300) - $height($bent, 60)));
    }

    public function test_grain_has_its_size_and_leaves_the_mean(): void
    {
        $path = $this->plain(118);
        $image = $this->render($path, StepKind::Grain, ['stops' => 0.2]);
        $values = [];
        for ($y = 10; $y < 390; $y += 3) {
            for ($x = 10; $x < 590; $x += 3) {
                $values[] = log(Srgb::linear($this->grey($image, $x, $y) / 255), 2);
            }
        }
        $mean = array_sum($values) / count($values);
        $deviation = sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $values))
            / count($values));
        $this->assertEqualsWithDelta(log(Srgb::linear(118 / 255), 2), $mean, 0.02);
        // JPEG softens the finest of it.
        $this->assertEqualsWithDelta(0.2, $deviation, 0.03);
        $again = $this->render($path, StepKind::Grain, ['stops' => 0.2]);
        $this->assertSame($this->grey($image, 77, 88), $this->grey($again, 77, 88));
    }

    /** @return iterable<string, array{array<string, array<string, string>>, list<string>}> */
    public static function forms(): iterable
    {
        $rest = [
            'saturation' => ['amount' => '0'],
            'corners' => ['stops' => '0'],
            'grain' => ['stops' => '0'],
            'curve' => ['amount' => '0'],
            'perspective' => ['top' => '0', 'left' => '0'],
            'fade' => ['x' => '', 'y' => '', 'width' => '', 'height' => '', 'amount' => '60', 'feather' => '8'],
            'remove' => ['x' => '', 'y' => '', 'width' => '', 'height' => ''],
        ];
        yield 'nothing' => [$rest, []];
        // Where a slider of thirds comes to rest: −2 and six steps of 0.3333.
        yield 'a slider at rest' => [
            [...$rest, 'exposure' => ['stops' => '-0.0003'], 'corners' => ['stops' => '-0.0002']],
            [],
        ];
        yield 'the least that can be asked for' => [[...$rest, 'grain' => ['stops' => '0.02']], ['grain']];
        yield 'uprights alone' => [[...$rest, 'perspective' => ['top' => '20', 'left' => '0']], ['perspective']];
        yield 'grain last of all' => [
            [...$rest, 'grain' => ['stops' => '0.1'], 'crop' => ['x' => '10', 'y' => '10', 'width' => '80',
                'height' => '80'], 'saturation' => ['amount' => '-20']],
            ['saturation', 'crop', 'grain'],
        ];
        yield 'a spot' => [
            [...$rest, 'remove' => ['x' => '10', 'y' => '10', 'width' => '2', 'height' => '2']],
            ['remove'],
        ];
    }

    /**
     * @param  array<string, array<string, string>>  $form
     * @param  list<string>  $steps
     */
    #[DataProvider('forms')]
    public function test_what_rests_asks_for_nothing(array $form, array $steps): void
    {
        $this->assertSame($steps, array_column(WhatIfInput::recipe($form)->toArray()['steps'], 'do'));
    }

    private function plain(int $grey): string
    {
        return Pictures::drawn(
            fn (GdImage $image): bool => imagefill($image, 0, 0, $grey * 0x010101),
            600,
            400,
        );
    }

    private function halves(): string
    {
        return Pictures::drawn(function (GdImage $image): void {
            imagefill($image, 0, 0, (int) imagecolorallocate($image, 180, 90, 80));
            imagefilledrectangle($image, 300, 0, 599, 399, (int) imagecolorallocate($image, 80, 100, 180));
        }, 600, 400);
    }

    /** @param  array<string, float>  $numbers */
    private function render(string $path, StepKind $kind, array $numbers): GdImage
    {
        return imagecreatefromstring(
            app(WhatIfRenderer::class)->jpeg($path, Recipe::of([Step::of($kind, $numbers)])),
        ) ?: $this->fail('No picture came back.');
    }

    private function spread(GdImage $image, int $x): int
    {
        $rgb = imagecolorat($image, $x, 200);
        $parts = [($rgb >> 16) & 255, ($rgb >> 8) & 255, $rgb & 255];

        return max($parts) - min($parts);
    }

    private function grey(GdImage $image, int $x, int $y): int
    {
        return (imagecolorat($image, $x, $y) >> 8) & 255;
    }
}
