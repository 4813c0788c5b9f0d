<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use InvalidArgumentException;

/**
 * How strongly neighbouring full-resolution pixels differ, block by block: the mean first difference (slope) and second
 * difference (bend) across and downwards, in 8-bit codes.
 *
 * A step of height h that is spread over w pixels has slopes that add up to h, whatever w, and bends that add up to
 * 2h/w: so bend over slope is 2/w, the sharpness of an edge whatever its contrast.
 */
final readonly class DetailMap
{
    /**
     * @param  list<float>  $slopeX
     * @param  list<float>  $slopeY
     * @param  list<float>  $bendX
     * @param  list<float>  $bendY
     *
     * @throws InvalidArgumentException when a list does not fill the map
     */
    public function __construct(
        public int $columns,
        public int $rows,
        public array $slopeX,
        public array $slopeY,
        public array $bendX,
        public array $bendY,
    ) {
        foreach ([$slopeX, $slopeY, $bendX, $bendY] as $list) {
            if (count($list) !== $columns * $rows || $list === []) {
                throw new InvalidArgumentException(
                    sprintf('A map of %d × %d cannot hold %d blocks.', $columns, $rows, count($list)),
                );
            }
        }
    }
}
