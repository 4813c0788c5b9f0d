<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * Counts the tones of a picture in sRGB bytes, channel by channel and by luminance, and tells its luminance.
 *
 * @phpstan-type Counts array{luminance: list<int>, r: list<int>, g: list<int>, b: list<int>, lost: int, blocked: int}
 */
final readonly class Tones
{
    /** vips's number for 16 bits. */
    private const USHORT = 2;

    /** Luminance of white in the sum of the weighted channels, so that three times the largest weight fits 16 bits. */
    public const WHITE = 30000;

    /**
     * The same where pixels are counted: the rest of the 16 bits says how many channels are at the top of the scale.
     */
    private const COUNTED_WHITE = 12000;

    /** Above the luminance of white, rounded up: what each channel at the top of the scale adds to a pixel's value. */
    private const CHANNEL_LOST = 12008;

    private const WEIGHTS = [0.2126, 0.7152, 0.0722];

    /**
     * Pixels that are counted at least, where there are so many: of a larger picture whole rows, evenly spread. In
     * photographs, shares of its tones then differ from those of a full count by less than 0.1 %, or 0.3 % at worst.
     */
    private const COUNTED = 6_000_000;

    public function __construct(private Vips $vips)
    {
    }

    /** @return Counts by sRGB code */
    public function counts(Picture $picture): array
    {
        $picture = $this->countedRows($picture);
        $bands = $this->numbers($this->vips->run('hist_find', $picture));
        $band = fn (int $index): array => array_map(fn (int $code): int => $bands[$code * 3 + $index], range(0, 255));

        return ['r' => $band(0), 'g' => $band(1), 'b' => $band(2), ...$this->luminance($picture)];
    }

    /** The rows that are counted: all, or every second, third and so on. */
    private function countedRows(Picture $picture): Picture
    {
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        $step = min($height, intdiv($width * $height, self::COUNTED));

        return $step < 2
            ? $picture
            // The same bytes read as rows so many times as long, of which a middle part is looked at.
            : $this->vips->run('crop', $this->vips->regrouped($picture, $step * $width, intdiv($height, $step), 3), [
                intdiv($step, 2) * $width,
                0,
                $width,
                intdiv($height, $step),
            ]);
    }

    /**
     * Pixels by the sRGB code of their luminance (linear channels weighted and added in whole numbers, then encoded),
     * and those with all three channels at an end of the scale: 254 or more is lost, 1 or less blocked.
     *
     * One pass tells all of it: each channel that is lost adds more than any luminance, and only blocked pixels come to
     * 0.
     *
     * @return array{luminance: list<int>, lost: int, blocked: int}
     */
    private function luminance(Picture $picture): array
    {
        $table = $this->table(
            fn (int $code, float $linear): int => match (true) {
                $code <= 1 => 0,
                // Enough to be told from 0 after the mean of the three is rounded.
                default => max(2, (int) round(3 * $linear * self::COUNTED_WHITE)),
            } + ($code >= 254 ? 3 * self::CHANNEL_LOST : 0),
        );
        $counts = $this->numbers(
            $this->vips->run('hist_find', $this->vips->run('bandmean', $this->vips->run('maplut', $picture, [$table]))),
        );
        $byCode = array_fill(0, 256, 0);
        $lost = 0;
        foreach (array_filter($counts) as $value => $count) {
            $linear = min(1.0, ($value % self::CHANNEL_LOST) / self::COUNTED_WHITE);
            $encoded = $linear <= 0.0031308 ? $linear * 12.92 : 1.055 * $linear ** (1 / 2.4) - 0.055;
            $byCode[(int) (255 * $encoded + 0.5)] += $count;
            $lost += $value >= 3 * self::CHANNEL_LOST ? $count : 0;
        }

        return ['luminance' => array_values($byCode), 'lost' => $lost, 'blocked' => $counts[0]];
    }

    /** Linear luminance, 0 to WHITE. */
    public function linear(Picture $picture): Picture
    {
        // The mean of three bands is a third of their sum.
        return $this->vips->run(
            'bandmean',
            $this->vips->run('maplut', $picture, [
                $this->table(fn (int $code, float $linear): int => (int) round(3 * $linear * self::WHITE)),
            ]),
        );
    }

    /**
     * A table of three channels.
     *
     * @param  callable(int, float): int  $entry  of a code and its weighted linear luminance, 0–1
     */
    private function table(callable $entry): Picture
    {
        $bytes = '';
        for ($code = 0; $code < 256; $code++) {
            $encoded = $code / 255;
            $linear = $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
            foreach (self::WEIGHTS as $weight) {
                $bytes .= pack('v', $entry($code, $weight * $linear));
            }
        }

        return $this->vips->table($bytes, 256, 3, self::USHORT);
    }

    /** @return list<int> unsigned 32-bit numbers */
    private function numbers(Picture $picture): array
    {
        return array_values(unpack('V*', $this->vips->bytes($picture)) ?: []);
    }
}
