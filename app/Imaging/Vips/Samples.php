<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/** Takes single pixels out of a picture, from which the tones of any part of it are told later (PixelSamples). */
final readonly class Samples
{
    /** Rows of them that are packed together (PixelSamples::BLOCK). */
    private const ROWS = 256;

    /** Of the wished length of a strip. */
    private const SHORTEST = 0.85;

    private const LONGEST = 1.34;

    public function __construct(private Vips $vips)
    {
    }

    /**
     * Single pixels, evenly spread: one of each strip of so many pixels in every row, in each row at another place,
     * moved on by about the golden section of a strip: samples in straight lines would miss what an edge along them
     * parts.
     *
     * @param  Picture  $picture  of three bands of bytes, in memory
     * @param  int  $about  how many
     * @return array{array<string, int>, list<string>} red, green and blue, so many rows to a piece
     */
    public function of(Picture $picture, int $about): array
    {
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        $strip = self::strip($width, $height, min($width, $height, max(1, (int) round(($width * $height) / $about))));
        $columns = intdiv($width, $strip);
        // As many rows as strips have places come together; the last few are told by those above them.
        $rounds = intdiv($height, $strip);
        $whole = $columns * $strip === $width
            ? $picture
            : $this->vips->keep($this->vips->run('crop', $picture, [0, 0, $columns * $strip, $rounds * $strip]));
        // The same bytes read as strips: a place in a strip is then a band, and a row of a round a stretch of columns.
        $strips = $this->vips->regrouped($whole, $columns * $strip, $rounds, 3 * $strip);
        $lines = [];
        foreach (self::places($strip) as $row => $place) {
            $samples = $this->vips->run('extract_band', $this->vips->run('crop', $strips, [
                $row * $columns,
                0,
                $columns,
                $rounds,
            ]), [3 * $place], ['n' => 3]);
            foreach (str_split($this->vips->bytes($samples), max(1, 3 * $columns)) as $round => $line) {
                $lines[$round * $strip + $row] = $line;
            }
        }
        ksort($lines);

        return [
            ['columns' => $columns, 'rows' => count($lines), 'strip' => $strip],
            str_split(implode('', $lines), max(1, 3 * $columns * self::ROWS)),
        ];
    }

    /** As long as wished, or nearly: a strip that rows are whole numbers of spares a copy of the picture. */
    private static function strip(int $width, int $height, int $wished): int
    {
        $near = array_filter(
            range(max(1, (int) ceil(self::SHORTEST * $wished)), min($height, (int) (self::LONGEST * $wished))),
            fn (int $strip): bool => $width % $strip === 0,
        );
        usort($near, fn (int $one, int $other): int => abs($one - $wished) <=> abs($other - $wished));

        return $near[0] ?? $wished;
    }

    /** @return list<int> the place in its strip that each row of a round is sampled at: every place once */
    private static function places(int $strip): array
    {
        $step = max(1, (int) round(0.618 * $strip));
        while (self::divisor($step, $strip) > 1) {
            $step++;
        }

        return array_map(fn (int $row): int => ($row * $step) % $strip, range(0, $strip - 1));
    }

    private static function divisor(int $one, int $other): int
    {
        return $other === 0 ? $one : self::divisor($other, $one % $other);
    }
}
