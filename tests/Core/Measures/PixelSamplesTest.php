<?php

declare(strict_types=1);

namespace Tests\Core\Measures;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Measures\PixelSamples;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\Srgb;

/** The tones of any part of a picture, told from single pixels of it. */
final class PixelSamplesTest extends TestCase
{
    private const WIDTH = 1230;

    private const HEIGHT = 810;

    /** @return iterable<string, array{int}> pixels to a sample */
    public static function strips(): iterable
    {
        yield 'every pixel' => [1];
        yield 'one of four' => [4];
    }

    #[DataProvider('strips')]
    public function test_shares_of_tones_are_within_half_a_percent_of_a_full_count(int $strip): void
    {
        $samples = $this->samples($strip);
        mt_srand(11);
        for ($try = 0; $try < 20; $try++) {
            [$width, $height] = [mt_rand(300, 700) / 1000, mt_rand(300, 700) / 1000];
            $region = Region::of(
                mt_rand(0, (int) (1000 * (1 - $width))) / 1000,
                mt_rand(0, (int) (1000 * (1 - $height))) / 1000,
                $width,
                $height,
            );
            $found = $samples->within($region);
            [$green, $lost, $blocked, $pixels] = $this->counted($region);
            $this->assertSame($pixels, $found->green->total, 'as many as it has pixels');
            $this->assertSame($pixels, $found->luminance->total);
            $this->assertLessThan(0.005, $this->apart($green, $found->green), json_encode($region->toArray()) ?: '');
            $this->assertEqualsWithDelta($lost / $pixels, $found->lostHighlights / $pixels, 0.005);
            $this->assertEqualsWithDelta($blocked / $pixels, $found->blockedShadows / $pixels, 0.005);
        }
    }

    public function test_where_every_pixel_is_kept_the_count_is_the_full_one(): void
    {
        $region = Region::of(0.31, 0.27, 0.1, 0.11);
        [$green, $lost, $blocked] = $this->counted($region);
        $found = $this->samples(1)->within($region);
        $this->assertSame($green, $found->green->counts);
        $this->assertSame([$lost, $blocked], [$found->lostHighlights, $found->blockedShadows]);
    }

    public function test_a_part_smaller_than_a_sample_is_told_by_the_one_that_stands_for_it(): void
    {
        $found = $this->flat(8, [200, 100, 50])->within(Region::of(0.5, 0.5, 0.0005, 0.0005));
        $this->assertSame([1, 1], [$found->red->total, $found->red->counts[200]]);
        $linear = 0.2126 * Srgb::linear(200 / 255) + 0.7152 * Srgb::linear(100 / 255)
            + 0.0722 * Srgb::linear(50 / 255);
        $this->assertSame(1, $found->luminance->counts[(int) round(255 * Srgb::encoded($linear))]);
    }

    public function test_of_a_shape_its_own_pixels_count_alone(): void
    {
        [$whole, $right] = [Region::of(0, 0, 1, 1), Region::of(0.5, 0, 0.5, 1)];
        $samples = $this->samples(1);
        $half = $samples->within($whole, PHP_INT_MAX, new SubjectShape($whole, 2, 1, '01'));

        $this->assertSame($samples->within($right, PHP_INT_MAX)->luminance->counts, $half->luminance->counts);
        // A shape that no sample stands for says no less than the part that it lies in.
        $this->assertSame(
            $samples->within($right)->luminance->counts,
            $samples->within($right, shape: new SubjectShape($whole, 2, 1, '10'))->luminance->counts,
        );
    }

    public function test_a_grey_of_any_code_has_a_luminance_of_that_code(): void
    {
        $greys = new PixelSamples(
            256,
            1,
            1,
            256,
            1,
            fn (): string => implode('', array_map(fn (int $code): string => str_repeat(chr($code), 3), range(0, 255))),
        );
        $found = $greys->within(Region::of(0.0, 0.0, 1.0, 1.0));
        $this->assertSame(array_fill(0, 256, 1), $found->luminance->counts);
        $this->assertSame([2, 2], [$found->lostHighlights, $found->blockedShadows], '254 and 255, 0 and 1');
    }

    public function test_a_part_at_the_very_edge_counts_what_no_sample_reaches(): void
    {
        $found = $this->flat(7, [255, 254, 255])->within(Region::of(0.999, 0.999, 0.001, 0.001));
        $this->assertSame($found->red->total, $found->lostHighlights);
        $none = $this->flat(7, [255, 253, 255])->within(Region::of(0.0, 0.0, 1.0, 1.0));
        $this->assertSame([0, self::WIDTH * self::HEIGHT], [$none->lostHighlights, $none->red->total]);
        $blocked = $this->flat(7, [1, 0, 1])->within(Region::of(0.0, 0.0, 1.0, 1.0));
        $this->assertSame(self::WIDTH * self::HEIGHT, $blocked->blockedShadows);
        $dark = $this->flat(7, [2, 0, 0])->within(Region::of(0.0, 0.0, 1.0, 1.0));
        $this->assertSame(0, $dark->blockedShadows);
    }

    public function test_of_a_small_part_only_its_own_rows_are_unpacked(): void
    {
        $asked = [];
        $samples = new PixelSamples(200, 1000, 5, 1000, 1000, function (int $block) use (&$asked): string {
            $asked[] = $block;

            return str_repeat("\x80\x80\x80", 200 * PixelSamples::BLOCK);
        });
        $samples->within(Region::of(0.1, 0.256, 0.2, 0.256));
        $this->assertSame([1], $asked);
        $asked = [];
        $samples->within(Region::of(0.1, 0.255, 0.2, 0.1));
        $this->assertSame([0, 1], $asked);
    }

    public function test_no_samples_are_none(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new PixelSamples(0, 10, 1, 10, 10, fn (): string => '');
    }

    /** @return array{int, int, int} a picture with slopes, hard edges, noise, a lost and a blocked place */
    private static function pixel(int $x, int $y): array
    {
        $noise = crc32(pack('V2', $x, $y)) % 23;
        if (hypot($x - 900, $y - 200) < 130) {
            return [255, 255, 254 + $noise % 2];
        }
        if ($x < 300 && $y > 600) {
            return [0, $noise % 2, 1];
        }
        $ground = intdiv($x, 170) % 2 === 0 ? 40 : 150;

        return [$ground + $noise, (int) ($ground / 2 + $y / 9) + $noise, $ground];
    }

    private function samples(int $strip): PixelSamples
    {
        $columns = intdiv(self::WIDTH, $strip);
        $made = [];

        return new PixelSamples(
            $columns,
            self::HEIGHT,
            $strip,
            self::WIDTH,
            self::HEIGHT,
            function (int $block) use ($columns, $strip, &$made): string {
                if (isset($made[$block])) {
                    return $made[$block];
                }
                $bytes = '';
                $last = min(self::HEIGHT, ($block + 1) * PixelSamples::BLOCK);
                for ($y = $block * PixelSamples::BLOCK; $y < $last; $y++) {
                    for ($x = 0; $x < $columns; $x++) {
                        // In every row at another place.
                        $bytes .= pack('C3', ...self::pixel($x * $strip + ($y * 7) % $strip, $y));
                    }
                }

                return $made[$block] = $bytes;
            },
        );
    }

    /** @param  array{int, int, int}  $colour */
    private function flat(int $strip, array $colour): PixelSamples
    {
        $columns = intdiv(self::WIDTH, $strip);
        $bytes = str_repeat(pack('C3', ...$colour), $columns * PixelSamples::BLOCK);
        // The last rows have none of their own.
        $rows = $strip * intdiv(self::HEIGHT, $strip);

        return new PixelSamples($columns, $rows, $strip, self::WIDTH, self::HEIGHT, fn (): string => $bytes);
    }

    /** @return array{list<int>, int, int, int} green by code, lost, blocked, and how many pixels there are */
    private function counted(Region $region): array
    {
        [$left, $top] = [(int) round($region->x * self::WIDTH), (int) round($region->y * self::HEIGHT)];
        $right = min(self::WIDTH, $left + (int) round($region->width * self::WIDTH));
        $bottom = min(self::HEIGHT, $top + (int) round($region->height * self::HEIGHT));
        $planes = array_map(function (string $plane) use ($left, $top, $right, $bottom): array {
            $part = '';
            for ($y = $top; $y < $bottom; $y++) {
                $part .= substr($plane, $y * self::WIDTH + $left, $right - $left);
            }

            return array_values(count_chars($part, 0));
        }, self::planes());

        return [$planes[0], $planes[1][1], $planes[1][2], ($right - $left) * ($bottom - $top)];
    }

    /** @return array{string, string} the green of every pixel; 1 where it is lost, 2 where it is blocked */
    private static function planes(): array
    {
        static $planes = null;
        if ($planes === null) {
            $planes = ['', ''];
            for ($y = 0; $y < self::HEIGHT; $y++) {
                for ($x = 0; $x < self::WIDTH; $x++) {
                    $colour = self::pixel($x, $y);
                    $planes[0] .= chr($colour[1]);
                    $planes[1] .= chr(min($colour) >= 254 ? 1 : (max($colour) <= 1 ? 2 : 0));
                }
            }
        }

        return $planes;
    }

    /**
     * The largest difference between the shares of pixels up to any tone.
     *
     * @param  list<int>  $counts
     */
    private function apart(array $counts, Histogram $found): float
    {
        [$one, $other, $apart] = [0, 0, 0.0];
        foreach ($counts as $code => $count) {
            $one += $count / array_sum($counts);
            $other += $found->counts[$code] / $found->total;
            $apart = max($apart, abs($one - $other));
        }

        return $apart;
    }
}
