<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

use TruePupil\Core\Raster\ConnectedCells;

/**
 * Where pixels are lost at the end of the scale, on a small map, and how they hang together: a hundred glints are
 * something else than one white sky, though they may add up to the same share.
 */
final readonly class EndAreas
{
    /** A cell belongs to an area when this share of its pixels is at the end. */
    private const BELONGS = 0.5;

    /** A connected area up to this % of the frame is a glint. */
    public const GLINT_PCT = 0.06;

    /**
     * @param  list<int>  $lost  indices of cells with lost highlights
     * @param  list<int>  $blocked  of cells with blocked shadows
     */
    private function __construct(
        public int $columns,
        public int $rows,
        public array $lost,
        public array $blocked,
        public float $largestLostPct,
        public float $largestBlockedPct,
    ) {
    }

    /**
     * @param  string  $lost  one byte a cell: share of its pixels that are lost, 255 for all
     * @param  string  $blocked  likewise
     */
    public static function ofBytes(int $columns, int $rows, string $lost, string $blocked): self
    {
        [$lostCells, $blockedCells] = [self::cells($lost), self::cells($blocked)];

        return new self(
            $columns,
            $rows,
            $lostCells,
            $blockedCells,
            self::largest($lostCells, $columns, $rows),
            self::largest($blockedCells, $columns, $rows),
        );
    }

    /**
     * @return array{
     *     columns: int,
     *     rows: int,
     *     lost: list<int>,
     *     blocked: list<int>,
     *     largestLostPct: float,
     *     largestBlockedPct: float,
     * }
     */
    public function toArray(): array
    {
        return [
            'columns' => $this->columns,
            'rows' => $this->rows,
            'lost' => $this->lost,
            'blocked' => $this->blocked,
            'largestLostPct' => $this->largestLostPct,
            'largestBlockedPct' => $this->largestBlockedPct,
        ];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it */
    public static function restore(array $stored): self
    {
        /**
         * @var array{
         *     columns: int,
         *     rows: int,
         *     lost: list<int>,
         *     blocked: list<int>,
         *     largestLostPct: float,
         *     largestBlockedPct: float,
         * } $stored
         */
        return new self(
            $stored['columns'],
            $stored['rows'],
            $stored['lost'],
            $stored['blocked'],
            (float) $stored['largestLostPct'],
            (float) $stored['largestBlockedPct'],
        );
    }

    /** @return list<int> */
    private static function cells(string $bytes): array
    {
        $cells = [];
        for ($i = 0, $end = strlen($bytes), $least = (int) (255 * self::BELONGS); $i < $end; $i++) {
            if (ord($bytes[$i]) >= $least) {
                $cells[] = $i;
            }
        }

        return $cells;
    }

    /**
     * Area of the largest connected group, % of the frame.
     *
     * @param  list<int>  $cells
     */
    private static function largest(array $cells, int $columns, int $rows): float
    {
        $largest = max([0, ...array_map(count(...), ConnectedCells::of($cells, $columns))]);

        return round((100 * $largest) / ($columns * $rows), 4);
    }
}
