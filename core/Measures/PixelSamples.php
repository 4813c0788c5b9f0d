<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use Closure;
use InvalidArgumentException;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * Single pixels of a picture, kept so that the tones of any part can be told without the picture: one of each strip of
 * some pixels, in every row at another place (a lattice: Sloan and Joe, "Lattice Methods for Multiple Integration",
 * 1994). Each stands for its strip and counts by as much of it as lies within the part: shares of tones then differ by
 * a few tenths of a percent from those of a full count. Nothing is mixed: a lost pixel stays lost.
 */
final readonly class PixelSamples
{
    /** Rows that are kept together, so that a part needs its own alone. */
    public const BLOCK = 256;

    /** More than these add nothing: of a large part every other row is passed over, or two of three … */
    public const ENOUGH = 90_000;

    /** Steps of linear light by which a luminance is told; finer than the codes of the darkest tones. */
    private const WHITE = 12_000;

    private const WEIGHTS = [0.2126, 0.7152, 0.0722];

    /**
     * @param  int  $rows  a sample's row is the picture's; the last few of the picture may have none of their own
     * @param  int  $strip  pixels that a sample stands for; the last of a row stands for what is left of it too
     * @param  int  $width  of the picture, pixels
     * @param  Closure(int): string  $block
     *   the samples of 256 rows, the first block being 0: red, green and blue in bytes
     *
     * @throws InvalidArgumentException when there is no sample
     */
    public function __construct(
        public int $columns,
        public int $rows,
        public int $strip,
        private int $width,
        private int $height,
        private Closure $block,
    ) {
        if ($columns < 1 || $rows < 1 || $strip < 1) {
            throw new InvalidArgumentException('There must be at least one sample.');
        }
    }

    /**
     * The tones of a part, as many as it has pixels.
     *
     * @param  ?SubjectShape  $shape  of the part that counts; null: all of it
     * @param  int  $enough  samples that are looked at at most, or about so many; fewer are quicker and coarser
     */
    public function within(
        Region $region,
        int $enough = self::ENOUGH,
        ?SubjectShape $shape = null,
    ): PixelStatistics {
        [$left, $right] = self::span($region->x, $region->width, $this->width);
        [$top, $bottom] = self::span($region->y, $region->height, $this->height);
        $step = max(1, (int) ceil((($right - $left) * ($bottom - $top)) / ($this->strip * $enough)));
        // Every other row would leave out every other place.
        $step += $step % 2 === 0 ? 1 : 0;
        $across = self::overlaps($left, $right, $this->strip, $this->columns, $this->width);
        [[$redLight, $greenLight, $blueLight], $codes] = [self::tables(), self::codes()];
        $luminance = $red = $green = $blue = array_fill(0, 256, 0);
        [$lost, $blocked] = [0, 0];
        [$loaded, $bytes] = [-1, ''];
        foreach (self::overlaps($top, $bottom, $step, (int) ceil($this->rows / $step), $this->height) as $i => $down) {
            $row = min($this->rows - 1, $i * $step + intdiv($step, 2));
            if (intdiv($row, self::BLOCK) !== $loaded) {
                $loaded = intdiv($row, self::BLOCK);
                $bytes = ($this->block)($loaded);
            }
            $start = ($row % self::BLOCK) * $this->columns;
            $isIn = $shape?->along($row / $this->height, array_keys($across), $this->strip / $this->width);
            foreach ($across as $column => $wide) {
                if ($isIn !== null && ! $isIn[$column]) {
                    continue;
                }
                $at = 3 * ($start + $column);
                $r = ord($bytes[$at]);
                $g = ord($bytes[$at + 1]);
                $b = ord($bytes[$at + 2]);
                $pixels = $wide * $down;
                $red[$r] += $pixels;
                $green[$g] += $pixels;
                $blue[$b] += $pixels;
                $luminance[ord($codes[$redLight[$r] + $greenLight[$g] + $blueLight[$b]])] += $pixels;
                if ($r >= ToneMeasures::LOST_FROM && $g >= ToneMeasures::LOST_FROM && $b >= ToneMeasures::LOST_FROM) {
                    $lost += $pixels;
                } elseif (
                    $r <= ToneMeasures::BLOCKED_TO && $g <= ToneMeasures::BLOCKED_TO && $b <= ToneMeasures::BLOCKED_TO
                ) {
                    $blocked += $pixels;
                }
            }
        }

        if ($shape !== null && array_sum($luminance) === 0) {
            // A shape so small that no sample stands for it: what lies round it tells more than nothing.
            return $this->within($region, $enough);
        }

        return new PixelStatistics(
            Histogram::of($luminance),
            Histogram::of($red),
            Histogram::of($green),
            Histogram::of($blue),
            $lost,
            $blocked,
        );
    }

    /** @return array{int, int} the first pixel along a side, and the one after the last */
    private static function span(float $from, float $size, int $length): array
    {
        $first = min($length - 1, (int) round($from * $length));

        return [$first, $first + max(1, min($length - $first, (int) round($size * $length)))];
    }

    /**
     * Along one side: as many pixels as each of so many stretches of one size has between two places.
     *
     * @return array<int, int> by number of the stretch
     */
    private static function overlaps(int $from, int $to, int $size, int $count, int $length): array
    {
        $overlaps = [];
        for ($i = min($count - 1, intdiv($from, $size)); $i < $count && $i * $size < $to; $i++) {
            // What is left at the edge belongs to the last one.
            $end = $i === $count - 1 ? $length : ($i + 1) * $size;
            $overlap = min($to, $end) - max($from, $i * $size);
            if ($overlap > 0) {
                $overlaps[$i] = $overlap;
            }
        }

        return $overlaps;
    }

    /** @return array{list<int>, list<int>, list<int>} weighted linear light of each code of red, green and blue */
    private static function tables(): array
    {
        /** @var ?array{list<int>, list<int>, list<int>} $tables */
        static $tables = null;
        $of = fn (float $weight): array => array_map(
            fn (float $linear): int => (int) round($weight * $linear * self::WHITE),
            Srgb::linearByCode(),
        );

        return $tables ??= [$of(self::WEIGHTS[0]), $of(self::WEIGHTS[1]), $of(self::WEIGHTS[2])];
    }

    /** The code of each luminance, a byte for each. */
    private static function codes(): string
    {
        /** @var ?string $codes */
        static $codes = null;

        if ($codes === null) {
            // Each code as long as its luminances are: quicker than to encode every one of them.
            [$codes, $last] = ['', self::WHITE + 3];
            for ($code = 0, $from = 0; $code < 255; $code++, $from = $to) {
                $to = (int) ceil(self::WHITE * Srgb::linear(($code + 0.5) / 255));
                $codes .= str_repeat(chr($code), $to - $from);
            }
            // Rounded each for itself, the three channels may come to a little more than white.
            $codes .= str_repeat(chr(255), $last + 1 - $from);
        }

        return $codes;
    }
}
