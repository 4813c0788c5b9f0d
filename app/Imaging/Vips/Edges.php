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
     * @param  int  $cell  side of a cell, pixels
     * @return array{columns: int, rows: int, fine: string, blurred: string}
     *   means over each cell of the squared change across, the squared change downwards and their product, one map
     *   after the other: 32-bit numbers in base64, in squared codes per pixel
     */
    public function of(Picture $picture, int $cell): array
    {
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        $cell = min($cell, $width, $height);
        [$columns, $rows] = [intdiv($width, $cell), intdiv($height, $cell)];
        $grey = $this->vips->run('recomb', $picture, [$this->vips->matrix(self::WEIGHTS, 3, 1)]);
        $fine = $this->vips->keep($this->vips->run('gaussblur', $grey, [self::FIRST], self::EXACT));
        $blurred = $this->vips->keep($this->vips->run('gaussblur', $fine, [self::SECOND], self::EXACT));

        return [
            'columns' => $columns,
            'rows' => $rows,
            'fine' => $this->energies($fine, $columns, $rows, $cell),
            'blurred' => $this->energies($blurred, $columns, $rows, $cell),
        ];
    }

    private function energies(Picture $grey, int $columns, int $rows, int $cell): string
    {
        $slope = fn (int $width, int $height): Picture => $this->vips->keep(
            $this->vips->run('conv', $grey, [$this->vips->matrix([-1.0, 0.0, 1.0], $width, $height, 2.0)]),
        );
        [$across, $down] = [$slope(3, 1), $slope(1, 3)];
        $bytes = '';
        foreach ([[$across, $across], [$down, $down], [$across, $down]] as [$one, $other]) {
            $whole = $this->vips->run('crop', $this->vips->pair('multiply', $one, $other), [
                0,
                0,
                $columns * $cell,
                $rows * $cell,
            ]);
            $means = $this->vips->run('shrinkh', $this->vips->run('shrinkv', $whole, [$cell]), [$cell]);
            $bytes .= $this->vips->bytes($this->vips->run('cast', $means, [self::FLOAT]));
        }

        return base64_encode($bytes);
    }
}
