<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

use InvalidArgumentException;

/**
 * A picture made small: 8-bit sRGB codes of square cells, row by row from the top left, red, green and blue in turn.
 */
final readonly class ColourGrid
{
    /** @param  string  $bytes  three a cell */
    private function __construct(public int $columns, public int $rows, public string $bytes)
    {
    }

    /** @throws InvalidArgumentException when the bytes do not fill the grid */
    public static function ofBytes(int $columns, int $rows, string $bytes): self
    {
        if ($columns < 1 || $rows < 1 || strlen($bytes) !== 3 * $columns * $rows) {
            throw new InvalidArgumentException(
                sprintf('A grid of %d × %d cannot hold %d bytes.', $columns, $rows, strlen($bytes)),
            );
        }

        return new self($columns, $rows, $bytes);
    }

    /** A part of it, which lies within. */
    public function cut(int $left, int $top, int $columns, int $rows): self
    {
        $bytes = '';
        for ($y = $top; $y < $top + $rows; $y++) {
            $bytes .= substr($this->bytes, 3 * ($y * $this->columns + $left), 3 * $columns);
        }

        return new self($columns, $rows, $bytes);
    }

    /** Brightness as the eye grades it: the codes weighted by luminance (luma of IEC 61966-2-1 codes, 0–255). */
    public function grey(): GreyGrid
    {
        [$grey, $bytes] = [[], $this->bytes];
        for ($i = 0, $end = strlen($bytes); $i < $end; $i += 3) {
            $grey[] = 0.2126 * ord($bytes[$i]) + 0.7152 * ord($bytes[$i + 1]) + 0.0722 * ord($bytes[$i + 2]);
        }

        return GreyGrid::of($this->columns, $this->rows, $grey);
    }

    /** The mean of whole blocks of cells, to about so many columns; the same grid when it has no more. */
    public function reduced(int $columns): self
    {
        $block = max(1, intdiv($this->columns, $columns));
        if ($block === 1) {
            return $this;
        }
        [$wide, $high] = [intdiv($this->columns, $block), max(1, intdiv($this->rows, $block))];
        [$all, $bytes] = [$this->bytes, ''];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                [$r, $g, $b, $count] = [0, 0, 0, 0];
                for ($v = $y * $block, $bottom = min($v + $block, $this->rows); $v < $bottom; $v++) {
                    for ($at = 3 * ($v * $this->columns + $x * $block), $end = $at + 3 * $block; $at < $end; $at += 3) {
                        $r += ord($all[$at]);
                        $g += ord($all[$at + 1]);
                        $b += ord($all[$at + 2]);
                        $count++;
                    }
                }
                $bytes .= chr(intdiv($r, $count));
                $bytes .= chr(intdiv($g, $count));
                $bytes .= chr(intdiv($b, $count));
            }
        }

        return new self($wide, $high, $bytes);
    }
}
