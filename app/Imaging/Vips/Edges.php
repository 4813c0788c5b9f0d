<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * How much the tones of a picture change from pixel to pixel, cell by cell, before and after a second blur: what
 * sharpness is judged by. The numbers follow TruePupil\Core\Focus\EdgeBlur, which says why.
 */
final readonly class Edges
{
    /** Standard deviations, pixels: of the blur that keeps noise down, and of the second one. */
    private const FIRST = 0.8;

    private const SECOND = 1.6;

    private const WEIGHTS = [0.299, 0.587, 0.114];

    /** vips's numbers: sums in floating point, and its name for a 32-bit number. */
    private const EXACT = ['precision' => 1, 'min-ampl' => 0.02];

    private const FLOAT = 6;

    public function __construct(private Vips $vips)
    {
    }

    /**
     * @param  Picture  $picture  in sRGB bytes, of the size that it is judged at
     * @param  non-empty-list<int>  $sides  of cells, pixels: a map for each
     * @return list<array{columns: int, rows: int, bytes: string}>
     *   means over each cell of the squared change across, the squared change downwards and their product, one map
     *   after the other, first before and then after the second blur: 32-bit numbers, in squared codes per pixel
     */
    public function of(Picture $picture, array $sides): array
    {
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        $sides = array_map(fn (int $side): int => max(1, min($side, $width, $height)), $sides);
        $grey = $this->vips->run('recomb', $picture, [$this->vips->matrix(self::WEIGHTS, 3, 1)]);
        $fine = $this->blurred($grey, self::FIRST);
        $blurred = $this->blurred($this->vips->run('crop', $fine, [1, 1, $width, $height]), self::SECOND);
        $maps = array_fill(0, count($sides), '');
        foreach ([$fine, $blurred] as $tones) {
            foreach ($this->products($tones) as $product) {
                foreach ($sides as $index => $side) {
                    $maps[$index] .= $this->means($product, $side, intdiv($width, $side), intdiv($height, $side));
                }
            }
        }

        return array_map(
            fn (int $side, string $bytes): array => [
                'columns' => intdiv($width, $side),
                'rows' => intdiv($height, $side),
                'bytes' => $bytes,
            ],
            $sides,
            $maps,
        );
    }

    /** With a border of one pixel that repeats the edge, in memory. */
    private function blurred(Picture $grey, float $sigma): Picture
    {
        [$width, $height] = [$this->vips->fact($grey, 'width'), $this->vips->fact($grey, 'height')];
        $blurred = $this->vips->run('gaussblur', $grey, [$sigma], self::EXACT);

        return $this->vips->keep($this->vips->run('embed', $blurred, [1, 1, $width + 2, $height + 2], ['extend' => 1]));
    }

    /**
     * Four times the change across, squared; downwards, squared; and one times the other: from differences of the two
     * neighbours, which are twice the change.
     *
     * @param  Picture  $tones  with a border of one pixel
     * @return list<Picture>
     */
    private function products(Picture $tones): array
    {
        [$width, $height] = [$this->vips->fact($tones, 'width') - 2, $this->vips->fact($tones, 'height') - 2];
        $from = fn (int $left, int $top): Picture => $this->vips->run('crop', $tones, [$left, $top, $width, $height]);
        $across = $this->vips->pair('subtract', $from(2, 1), $from(0, 1));
        $down = $this->vips->pair('subtract', $from(1, 2), $from(1, 0));

        return array_map(
            fn (array $pair): Picture => $this->vips->keep($this->vips->pair('multiply', ...$pair)),
            [[$across, $across], [$down, $down], [$across, $down]],
        );
    }

    private function means(Picture $product, int $side, int $columns, int $rows): string
    {
        $whole = $this->vips->run('crop', $product, [0, 0, $columns * $side, $rows * $side]);
        $means = $this->vips->run('shrinkh', $this->vips->run('shrinkv', $whole, [$side]), [$side]);
        $quarter = $this->vips->run('linear', $means, [$this->vips->doubles([0.25]), $this->vips->doubles([0.0]), 1]);

        return $this->vips->bytes($this->vips->run('cast', $quarter, [self::FLOAT]));
    }
}
