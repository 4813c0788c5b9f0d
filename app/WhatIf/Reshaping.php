<?php

declare(strict_types=1);

namespace App\WhatIf;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;

/** Moves the parts of a picture: what converges made parallel, what is curved made straight, a spot taken out. */
final readonly class Reshaping
{
    /** Cells to a side in which a spot is filled: what surrounds it is soft there, or it would be no spot. */
    private const CELLS = 48;

    /** Rounds of spreading; the change is a code by then. */
    private const ROUNDS = 300;

    /** Margin from which a spot is filled, as a share of its longer side; and in pixels at least. */
    private const MARGIN = 0.2;

    private const LEAST_MARGIN = 6;

    public function __construct(private Vips $vips)
    {
    }

    /**
     * A camera that was pointed up, or aside, straightened: a projective map, which keeps every straight line straight.
     *
     * @param  float  $top  share by which the top is stretched against the bottom; negative the other way round
     * @param  float  $left  the same of the left against the right
     */
    public function perspective(Light $light, float $top, float $left): Light
    {
        // The farthest corner still comes from inside the picture.
        $scale = 1 - (abs($top) + abs($left)) / 2;
        [$column, $row] = $this->places($light);
        $divisor = $column->linear(-$left)->plus($row->linear(-$top, 1.0))->kept();

        return $this->taken($light, $column->linear($scale)->over($divisor), $row->linear($scale)->over($divisor));
    }

    /**
     * Lines that bend outwards, or inwards, at the edges. The radius from the middle, 1 at the corners, becomes
     * r · (1 + amount · r²): the first term of the usual model of a lens (Brown 1966).
     *
     * @param  float  $amount  positive bends the edges inwards
     */
    public function curved(Light $light, float $amount): Light
    {
        $aspect = $light->width / $light->height;
        $half = ($aspect * $aspect + 1) / 4;
        [$column, $row] = $this->places($light);
        // In frame heights, so that a circle stays one.
        $square = $column->times($column)->linear($aspect * $aspect)->plus($row->times($row))->linear(1 / $half);
        $factor = $square->linear($amount / max(1.0, 1 + $amount), 1 / max(1.0, 1 + $amount))->kept();

        return $this->taken($light, $column->times($factor), $row->times($factor));
    }

    /**
     * A spot filled from what surrounds it: every point becomes the mean of its neighbours (a membrane; Pérez, Gangnet
     * and Blake 2003, without a source).
     */
    public function filled(Light $light, int $left, int $top, int $width, int $height): Light
    {
        $margin = max(self::LEAST_MARGIN, (int) round(self::MARGIN * max($width, $height)));
        [$x, $y] = [max(0, $left - $margin), max(0, $top - $margin)];
        [$right, $bottom] = [
            min($light->width, $left + $width + $margin),
            min($light->height, $top + $height + $margin),
        ];
        $part = $light->cut($x, $y, $right - $x, $bottom - $y)->kept();
        $columns = min(self::CELLS, $part->width);
        $rows = min(self::CELLS, $part->height);
        $cells = $part->resized($columns, $rows)->floats();
        $isIn = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $across = $x + (($column + 0.5) * $part->width) / $columns;
                $down = $y + (($row + 0.5) * $part->height) / $rows;
                $isIn[] = $across > $left && $across < $left + $width && $down > $top && $down < $top + $height;
            }
        }
        $fill = Light::fromFloats(
            $this->vips,
            pack('g*', ...self::spread($cells, $isIn, $columns, $rows, $light->bands)),
            $columns,
            $rows,
            $light->bands,
        )->resized($part->width, $part->height);
        $mask = Light::fromFloats(
            $this->vips,
            pack('g*', ...array_map(fn (bool $in): float => $in ? 1.0 : 0.0, $isIn)),
            $columns,
            $rows,
            1,
        )->resized($part->width, $part->height)->clamped()->kept();

        return $light->with(
            $fill->times($mask)->plus($part->times($mask->linear(-1.0, 1.0))),
            $x,
            $y,
        )->kept();
    }

    /**
     * @param  list<float>  $cells  band by band
     * @param  list<bool>  $isIn  whether a cell is to be filled
     * @return list<float>
     */
    private static function spread(array $cells, array $isIn, int $columns, int $rows, int $bands): array
    {
        $inside = array_keys($isIn, true, true);
        $known = array_keys($isIn, false, true);
        for ($band = 0; $band < $bands; $band++) {
            $sum = 0.0;
            foreach ($known as $cell) {
                $sum += $cells[$cell * $bands + $band];
            }
            foreach ($inside as $cell) {
                $cells[$cell * $bands + $band] = $known === [] ? 0.0 : $sum / count($known);
            }
        }
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($inside as $cell) {
                [$column, $row] = [$cell % $columns, intdiv($cell, $columns)];
                $around = array_filter([
                    $column > 0 ? $cell - 1 : null,
                    $column < $columns - 1 ? $cell + 1 : null,
                    $row > 0 ? $cell - $columns : null,
                    $row < $rows - 1 ? $cell + $columns : null,
                ], fn (?int $one): bool => $one !== null);
                for ($band = 0; $band < $bands; $band++) {
                    $sum = 0.0;
                    foreach ($around as $one) {
                        $sum += $cells[$one * $bands + $band];
                    }
                    $cells[$cell * $bands + $band] = $sum / count($around);
                }
            }
        }

        return array_values($cells);
    }

    /** @return array{Light, Light} columns and rows from the middle, −½ to ½ */
    private function places(Light $light): array
    {
        $places = Light::positions($this->vips, $light->width, $light->height);

        return [
            $places->band(0)->linear(1 / $light->width, 0.5 / $light->width - 0.5)->kept(),
            $places->band(1)->linear(1 / $light->height, 0.5 / $light->height - 0.5)->kept(),
        ];
    }

    private function taken(Light $light, Light $column, Light $row): Light
    {
        return $light->kept()->picked(Light::join([
            $column->linear((float) $light->width, $light->width / 2 - 0.5),
            $row->linear((float) $light->height, $light->height / 2 - 0.5),
        ]))->kept();
    }
}
