<?php

declare(strict_types=1);

namespace TruePupil\Core\Raster;

use InvalidArgumentException;

/**
 * A picture made small: 8-bit sRGB codes of square cells, row by row from the top left, red, green and blue in turn.
 */
final class ColourGrid
{
    /** So many cells add up to what 16 bits hold. */
    private const SUMMED = 256;

    /** @var ?list<int> each cell as one number, so that one sum adds red, green and blue, 16 bits each */
    private ?array $cells = null;

    /** @var array<int, self> by the size of their blocks: most are asked for several times */
    private array $reduced = [];

    private ?GreyGrid $grey = null;

    /** @param  string  $bytes  three a cell */
    private function __construct(
        public readonly int $columns,
        public readonly int $rows,
        public readonly string $bytes,
    ) {
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
        if ($this->grey === null) {
            $grey = [];
            foreach ($this->cells() as $cell) {
                $grey[] = 0.2126 * ($cell & 255) + 0.7152 * (($cell >> 16) & 255) + 0.0722 * ($cell >> 32);
            }
            $this->grey = GreyGrid::of($this->columns, $this->rows, $grey);
        }

        return $this->grey;
    }

    /** The mean of whole blocks of cells, to about so many columns; the same grid when it has no more. */
    public function reduced(int $columns): self
    {
        $block = max(1, intdiv($this->columns, $columns));

        return $block === 1 ? $this : ($this->reduced[$block] ??= $this->inBlocks($block));
    }

    private function inBlocks(int $block): self
    {
        [$wide, $high] = [intdiv($this->columns, $block), max(1, intdiv($this->rows, $block))];
        [$cells, $line, $bytes] = [$this->cells(), $this->columns, ''];
        for ($y = 0; $y < $high; $y++) {
            $top = $y * $block;
            $rows = min($block, $this->rows - $top);
            $count = $rows * $block;
            for ($x = 0; $x < $wide; $x++) {
                $r = $g = $b = 0;
                for ($v = 0, $at = $top * $line + $x * $block; $v < $rows; $v++, $at += $line) {
                    for ($from = $at, $end = $at + $block; $from < $end; $from = $to) {
                        $to = min($end, $from + self::SUMMED);
                        $sum = 0;
                        for ($i = $from; $i < $to; $i++) {
                            $sum += $cells[$i];
                        }
                        $r += $sum & 65535;
                        $g += ($sum >> 16) & 65535;
                        $b += $sum >> 32;
                    }
                }
                $bytes .= chr(intdiv($r, $count)).chr(intdiv($g, $count)).chr(intdiv($b, $count));
            }
        }

        return new self($wide, $high, $bytes);
    }

    /** @return list<int> */
    private function cells(): array
    {
        if ($this->cells === null) {
            // Eight bytes for each: a zero after each code, and two more after the last.
            $wide = chunk_split(chunk_split($this->bytes, 1, "\0"), 6, "\0\0");
            /** @var list<int> $cells */
            $cells = array_values(unpack('P*', $wide) ?: []);
            $this->cells = $cells;
        }

        return $this->cells;
    }
}
